/**
 * One man moves again and again, nobody answers. A king goes by the laws of kings. The task says whether the man goes step by step or the
 * whole way is told before it moves (`commit`). The fewest moves are computed by breadth-first search, and every way of that length is right.
 */
import { z } from 'zod/mini';
import type { Role, Square } from '../../../board';
import { getDraft, makeMoveText, parseMoveText, type MoveText } from '../../../notation';
import { listLawfulReach, type Move, type PositionDraft } from '../../../rules';
import { squareSchema, type AnswerOf } from '../../family/answer';
import { defineFamily, type Level } from '../../family/family';
import { boardTextSchema, getRole, sceneOf } from '../../family/lessonBoard';
import type { Stage } from '../../family/stages';
import { RIGHT, UNFINISHED, wrongFor, type Verdict } from '../../family/verdict';
import { listThreats, wander } from './looseMoves';
import { noteNotReached, type NotReachedNote } from './reachNotes';
import type { NotLegalNote } from '../../answers/firstMove';
import type { ManNote, ByNote } from '../../family/note';

/** A way through more places than these (a square, and what was taken before) is not looked for: composed ones need a thousand at most. */
const MOST_WAYS = 20_000;

export const routeTaskSchema = z.object({
  fen: boardTextSchema,
  /** The man that moves. */
  square: squareSchema,
  targets: z.array(squareSchema).check(z.minLength(1), z.maxLength(4)),
  /** `line`: the whole way is told before the man moves. */
  commit: z._default(z.enum(['step', 'line']), 'step'),
});

export type RouteTask = z.infer<typeof routeTaskSchema>;

/** A way held in the head is this much harder than one more move. */
const TOLD_MEASURE = 20;

/** Where the man stands, the targets it has not been on, and where it has taken something. */
interface Way {
  readonly draft: PositionDraft;
  readonly at: Square;
  readonly left: readonly Square[];
  readonly taken: readonly Square[];
}

/** May the man go there? */
export type Permission = (way: Way, move: Move) => boolean;

/** More moves than this over the fewest end the answer. */
const MOST_ASTRAY = 4;

/** What is asked of the way of one man. */
export interface RouteQuestion<Code extends string> {
  readonly code: Code;
  /** The whole way is told before the man moves. */
  readonly isTold: boolean;
  readonly role: Role;
  readonly targets: readonly Square[];
}

/** What is said of a way that goes wrong or round. */
export type RouteNote = DuelNote | { readonly code: 'way-too-short'; readonly moves: number };

/** The same where somebody answers, and no way is told. */
export type DuelNote =
  | NotLegalNote
  | NotReachedNote
  | ManNote<'takes-here'>
  | ByNote<'can-be-taken'>
  | { readonly code: 'goes-round'; readonly moves: number; readonly fewest: number };

export function defineRoute<Code extends string>(parts: {
  readonly id: string;
  readonly stage: Stage;
  readonly skill: string;
  readonly levels: Level;
  readonly code: Code;
  readonly mayGo: Permission;
}) {
  const { mayGo, code, ...head } = parts;
  const fewestOf = (task: RouteTask) => findShortest(startOf(task), mayGo)?.length;
  return defineFamily<RouteTask, 'play', RouteQuestion<Code>, RouteNote>({
    ...head,
    version: 1,
    answerMode: 'play',
    taskSchema: routeTaskSchema.check(z.refine((task) => (fewestOf(task) ?? 0) > 0, 'there is no way')),
    question: ({ fen, square, targets, commit }) => ({
      code,
      role: getRole(getDraft(fen), square),
      targets,
      isTold: commit === 'line',
    }),
    scene({ fen, square, targets }) {
      return sceneOf(getDraft(fen), { asked: code === 'collect' ? [square] : [square, ...targets] });
    },
    ask: ({ fen, square, commit }) => ({
      kind: 'play',
      rules: commit === 'line' ? 'way' : 'wander',
      fen,
      man: square,
    }),
    solution: (task) => ({
      kind: 'play',
      moves: (findShortest(startOf(task), mayGo) ?? []).map(makeMoveText),
      slips: 0,
    }),
    judge: (task, answer) => judgeRoute(task, answer, mayGo),
    measure: (task) => (fewestOf(task) ?? 0) + (task.commit === 'line' ? TOLD_MEASURE : 0),
    hints: (task) => [{ kind: 'count', count: fewestOf(task) ?? 0 }],
    listRightMoves(task, moves) {
      const way = moves.reduce<Way | undefined>((one, text) => one && follow(one, text), startOf(task));
      if (way === undefined) return [];
      const fewest = findShortest(way, mayGo)?.length ?? 0;
      return listSteps(way, mayGo)
        .filter((move) => (findShortest(take(way, move), mayGo)?.length ?? Infinity) < fewest)
        .map(makeMoveText);
    },
  });
}

function judgeRoute(task: RouteTask, { moves }: AnswerOf<'play'>, mayGo: Permission): Verdict<RouteNote> {
  const start = startOf(task);
  const fewest = findShortest(start, mayGo)?.length ?? 0;
  let way = start;
  for (const [ply, text] of moves.entries()) {
    const move = parseMoveText(text);
    if (move?.from !== way.at) return { ...wrongFor([{ code: 'not-a-legal-move' }]), wrongPly: ply };
    if (!listLawfulReach(way.draft, way.at).some(({ to }) => to === move.to))
      return { ...wrongFor([noteNotReached(way.draft, way.at, move.to)]), wrongPly: ply };
    if (!mayGo(way, move))
      return { ...wrongFor([noteForbidden(way, move)], { extra: [move.to] }), wrongPly: ply };
    way = take(way, move);
    if (way.left.length === 0) {
      if (ply + 1 === fewest) return RIGHT;
      return {
        ...wrongFor([{ code: 'goes-round', moves: ply + 1, fewest }]),
        wrongPly: findDetour(task, moves, mayGo),
      };
    }
  }
  if (task.commit === 'line') return wrongFor([{ code: 'way-too-short', moves: moves.length }]);
  if (moves.length < fewest + MOST_ASTRAY) return UNFINISHED;
  return {
    ...wrongFor([{ code: 'goes-round', moves: moves.length, fewest }]),
    wrongPly: findDetour(task, moves, mayGo),
  };
}

/** The first move that does not come nearer. */
function findDetour(task: RouteTask, moves: readonly MoveText[], mayGo: Permission): number {
  let way = startOf(task);
  let left = findShortest(way, mayGo)?.length ?? 0;
  for (const [ply, text] of moves.entries()) {
    way = follow(way, text) ?? way;
    const next = findShortest(way, mayGo)?.length ?? Infinity;
    if (next >= left) return ply;
    left = next;
  }
  return 0;
}

function noteForbidden(way: Way, move: Move) {
  const { draft, at } = way;
  const { to } = move;
  const role = getRole(draft, at);
  if (draft.board[to] !== undefined) return { code: 'takes-here', square: to, role } as const;
  const [by = at] = listThreats(draft, move);
  return { code: 'can-be-taken', square: to, role, by, byRole: getRole(draft, by) } as const;
}

function startOf({ fen, square, targets }: RouteTask): Way {
  return { draft: getDraft(fen), at: square, left: targets, taken: [] };
}

function take({ draft, left, taken }: Way, move: Move): Way {
  return {
    draft: wander(draft, move),
    at: move.to,
    left: left.filter((target) => target !== move.to),
    taken: draft.board[move.to] === undefined ? taken : [...taken, move.to].sort((a, b) => a - b),
  };
}

function follow(way: Way, text: MoveText): Way | undefined {
  const move = parseMoveText(text);
  return move?.from === way.at ? take(way, move) : undefined;
}

function listSteps(way: Way, mayGo: Permission): Move[] {
  return listLawfulReach(way.draft, way.at).filter((move) => mayGo(way, move));
}

/** One shortest way over all targets; undefined when there is none, or none within `MOST_WAYS` places. */
function findShortest(start: Way, mayGo: Permission): Move[] | undefined {
  if (start.left.length === 0) return [];
  const keyOf = ({ at, left, taken }: Way) => `${at}/${left.join(' ')}/${taken.join(' ')}`;
  const seen = new Set([keyOf(start)]);
  let edge: { readonly way: Way; readonly moves: readonly Move[] }[] = [{ way: start, moves: [] }];
  while (edge.length > 0) {
    const next: typeof edge = [];
    for (const { way, moves } of edge) {
      if (seen.size > MOST_WAYS) return undefined;
      for (const move of listSteps(way, mayGo)) {
        const after = take(way, move);
        if (after.left.length === 0) return [...moves, move];
        const key = keyOf(after);
        if (seen.has(key)) continue;
        seen.add(key);
        next.push({ way: after, moves: [...moves, move] });
      }
    }
    edge = next;
  }
  return undefined;
}
