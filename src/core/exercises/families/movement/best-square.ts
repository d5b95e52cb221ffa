/**
 * Family `best-square`: of some marked squares, which is best for this man? Compared by a tally that everybody can count: one point
 * for each of the four middle squares it stands on or looks at, one for each man of theirs it attacks, one less for each own man whose
 * way it shortens, one less for each move it takes to get there. That these four are looked at is common practice; how much each
 * weighs is the coach's, so the weights belong to the task. Where two squares have as many points, both are right.
 */
import { z } from 'zod/mini';
import { opponentOf, type Square, type Role } from '../../../board';
import { getDraft } from '../../../notation';
import { listLawfulReach, type PositionDraft } from '../../../rules';
import { compareMarks, tapSquares } from '../../answers/tap';
import { squareSchema } from '../../family/answer';
import { defineFamily } from '../../family/family';
import { boardTextSchema, getRole, sceneOf } from '../../family/lessonBoard';
import type { SquareNote } from '../../family/note';
import { wander, without } from './looseMoves';

/** d4, e4, d5, e5. */
const MIDDLE: readonly Square[] = [27, 28, 35, 36];

const MOST_MOVES = 3;

const tallyWeightsSchema = z.object({
  middle: z.int().check(z.minimum(0), z.maximum(5)),
  attacked: z.int().check(z.minimum(0), z.maximum(5)),
  blocked: z.int().check(z.minimum(0), z.maximum(5)),
  moves: z.int().check(z.minimum(0), z.maximum(5)),
});

/** Each of the four counts one point. */
export const EVEN_WEIGHTS = { middle: 1, attacked: 1, blocked: 1, moves: 1 } as const;

const bestSquareShape = z.object({
  fen: boardTextSchema,
  square: squareSchema,
  candidates: z.array(squareSchema).check(z.minLength(2), z.maxLength(5)),
  weights: tallyWeightsSchema,
});

export type BestSquareTask = z.infer<typeof bestSquareShape>;

/** What is counted for one square, and the points it comes to. */
interface Tally {
  readonly square: Square;
  readonly middle: number;
  readonly attacked: number;
  readonly blocked: number;
  readonly moves: number;
  readonly points: number;
}

export interface BestSquareQuestion {
  readonly code: 'best-square';
  readonly role: Role;
  readonly square: Square;
  readonly candidates: readonly Square[];
  /** Points for what is counted. */
  readonly weights: Readonly<Record<'middle' | 'attacked' | 'blocked' | 'moves', number>>;
}

/** What is counted for a square; `isBest`: no other one has as many points. */
export interface TallyNote {
  readonly code: 'tally';
  readonly isBest: boolean;
  readonly square: Square;
  readonly middle: number;
  readonly attacked: number;
  readonly blocked: number;
  readonly moves: number;
  readonly points: number;
}
export type BestSquareNote = SquareNote<'not-marked'> | TallyNote;

export const bestSquareFamily = defineFamily<BestSquareTask, 'tap', BestSquareQuestion, BestSquareNote>({
  id: 'best-square',
  version: 1,
  stage: 'movement',
  skill: 'good-squares',
  answerMode: 'tap',
  levels: 4,
  taskSchema: bestSquareShape.check(
    z.refine(({ fen, square }) => {
      const { board, turn } = getDraft(fen);
      return board[square]?.side === turn;
    }, 'no man stands there'),
    z.refine((task) => listTallies(task).length === task.candidates.length, 'a square is out of reach'),
  ),
  question: ({ fen, square, candidates, weights }) => ({
    code: 'best-square',
    role: getRole(getDraft(fen), square),
    square,
    candidates,
    weights,
  }),
  scene({ fen, square, candidates }) {
    const draft = getDraft(fen);
    return sceneOf(draft, { bottom: draft.turn, asked: [square, ...candidates] });
  },
  ask: () => ({ kind: 'tap', isSingle: true, labels: [] }),
  solution: (task) => tapSquares([findBest(task).square]),
  judge(task, answer) {
    const [marked] = answer.marks;
    // A square with as many points is right too.
    const best = listBest(task).find(({ square }) => square === marked?.square) ?? findBest(task);
    return compareMarks(
      [best.square],
      answer,
      (square) => noteSquare(task, square),
      (): BestSquareNote => ({ code: 'tally', isBest: true, ...best }),
    );
  },
  /** What has to be counted, and how close it comes. */
  measure(task) {
    const { board } = getDraft(task.fen);
    return 6 * task.candidates.length + board.filter((man) => man !== undefined).length - findMargin(task);
  },
  hints(task) {
    const best = listBest(task).map(({ square }) => square);
    const wrong = task.candidates.find((square) => !best.includes(square));
    return task.candidates.length < 3 || wrong === undefined ? [] : [{ kind: 'not-square', square: wrong }];
  },
});

function noteSquare(task: BestSquareTask, square: Square): BestSquareNote {
  const tally = listTallies(task).find((one) => one.square === square);
  return tally === undefined ? { code: 'not-marked', square } : { code: 'tally', isBest: false, ...tally };
}

/** Every square with the most points. */
function listBest(task: BestSquareTask): Tally[] {
  const tallies = listTallies(task);
  const most = Math.max(...tallies.map(({ points }) => points));
  return tallies.filter(({ points }) => points === most);
}

function findBest(task: BestSquareTask): Tally {
  const [best] = listBest(task);
  if (best === undefined) throw new Error('a parsed task has squares to compare');
  return best;
}

/** Points between the best square and the next. */
function findMargin(task: BestSquareTask): number {
  const [best, next] = listTallies(task).sort((one, other) => other.points - one.points);
  return best === undefined || next === undefined ? 0 : best.points - next.points;
}

/** Squares that cannot be reached have none. */
function listTallies(task: BestSquareTask): Tally[] {
  const draft = getDraft(task.fen);
  const distances = findDistances(draft, task.square);
  return task.candidates.flatMap((square) => {
    const moves = distances.get(square);
    return moves === undefined ? [] : [tallyOf(draft, task, square, moves)];
  });
}

function tallyOf(
  draft: PositionDraft,
  { square: from, weights }: BestSquareTask,
  square: Square,
  moves: number,
): Tally {
  const after = wander(draft, { from, to: square });
  const reach = listLawfulReach(after, square).map(({ to }) => to);
  const middle = MIDDLE.filter((at) => at === square || reach.includes(at)).length;
  const attacked = reach.filter((to) => after.board[to]?.side === opponentOf(draft.turn)).length;
  const blocked = listShortened(without(draft, from), after, square).length;
  const points =
    weights.middle * middle + weights.attacked * attacked - weights.blocked * blocked - weights.moves * moves;
  return { square, middle, attacked, blocked, moves, points };
}

/** Own men that get to fewer squares because the man stands there. */
function listShortened(before: PositionDraft, after: PositionDraft, square: Square): Square[] {
  return after.board.flatMap((man, at) => {
    if (man?.side !== after.turn || at === square) return [];
    const had = listLawfulReach(before, at).length;
    const has = listLawfulReach(after, at).length;
    return has < had ? [at] : [];
  });
}

/** The fewest moves to every square over free squares, as far as is asked. */
function findDistances(draft: PositionDraft, from: Square): Map<Square, number> {
  const distances = new Map([[from, 0]]);
  let edge = [{ draft, at: from }];
  for (let moves = 1; moves <= MOST_MOVES; moves += 1) {
    edge = edge.flatMap((place) =>
      listLawfulReach(place.draft, place.at).flatMap((move) => {
        if (place.draft.board[move.to] !== undefined || distances.has(move.to)) return [];
        distances.set(move.to, moves);
        return [{ draft: wander(place.draft, move), at: move.to }];
      }),
    );
  }
  distances.delete(from);
  return distances;
}
