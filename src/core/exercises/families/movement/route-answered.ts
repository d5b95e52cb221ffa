/**
 * Family `route-answered`: one man goes to the target, and after each of its moves a man of theirs makes one. It takes our man wherever
 * it can, and otherwise goes where the way becomes longest; standing on the target it can be taken there. A king goes by the laws of
 * kings: it is never taken, never steps where it is attacked, and answers a check. The fewest moves against the best of their answers are computed over all moves of both (iterated by length, the free way as a lower bound), and every
 * first move that keeps to them is right.
 */
import { z } from 'zod/mini';
import { opponentOf, type Square, type Role } from '../../../board';
import { getDraft, makeMoveText, parseMoveText, type MoveText } from '../../../notation';
import { listAttackers, listLawfulReach, listReach, type Move, type PositionDraft } from '../../../rules';
import { squareSchema, type AnswerOf } from '../../family/answer';
import { defineFamily } from '../../family/family';
import { boardTextSchema, getRole, sceneOf } from '../../family/lessonBoard';
import { RIGHT, UNFINISHED, wrongFor, type Verdict } from '../../family/verdict';
import { without } from './looseMoves';
import { noteNotReached } from './reachNotes';
import type { DuelNote } from './routeTask';

/** Longer ways are not asked for. */
const MOST_MOVES = 5;

/** More moves than this over the fewest end the answer. */
const MOST_ASTRAY = 3;

const routeAnsweredShape = z.object({
  fen: boardTextSchema,
  /** Our man, the square it is to reach, and their man that answers. */
  square: squareSchema,
  target: squareSchema,
  answering: squareSchema,
});

export type RouteAnsweredTask = z.infer<typeof routeAnsweredShape>;

/** Where both men stand; `their` is undefined when that man has been taken. */
interface Duel {
  readonly at: Square;
  readonly their: Square | undefined;
}

export interface RouteAnsweredQuestion {
  readonly code: 'route-answered';
  readonly role: Role;
  readonly target: Square;
  /** Their man that moves after each of ours. */
  readonly answering: Square;
  readonly answeringRole: Role;
}

export const routeAnsweredFamily = defineFamily<RouteAnsweredTask, 'play', RouteAnsweredQuestion, DuelNote>({
  id: 'route-answered',
  version: 1,
  stage: 'movement',
  skill: 'routes',
  answerMode: 'play',
  levels: 3,
  taskSchema: routeAnsweredShape.check(
    z.refine(({ fen, square, answering }) => {
      const { board, turn } = getDraft(fen);
      return board[square]?.side === turn && board[answering]?.side === opponentOf(turn);
    }, 'the two men are not there'),
    z.refine((task) => openDuel(task).fewest > 0, 'there is no way'),
  ),
  question: ({ fen, square, target, answering }) => ({
    code: 'route-answered',
    role: getRole(getDraft(fen), square),
    target,
    answering,
    answeringRole: getRole(getDraft(fen), answering),
  }),
  scene: ({ fen, square, target }) => sceneOf(getDraft(fen), { asked: [square, target] }),
  ask: ({ fen, square }) => ({ kind: 'play', rules: 'wander', fen, man: square }),
  solution(task) {
    const { start, fewest, winningMoves, reply } = openDuel(task);
    const moves: MoveText[] = [];
    let duel = start;
    for (let left = fewest; left > 0; left -= 1) {
      const [move] = winningMoves(duel, left);
      if (move === undefined) throw new Error('a won duel has a winning move');
      moves.push(makeMoveText(move));
      const after = step(duel, move);
      const answer = left > 1 ? reply(after) : undefined;
      if (answer !== undefined) moves.push(makeMoveText(answer));
      duel = answer === undefined ? after : { at: after.at, their: answer.to };
    }
    return { kind: 'play', moves, slips: 0 };
  },
  judge: judgeDuel,
  measure(task) {
    const { fewest, start, winningMoves, listOurs } = openDuel(task);
    // How few of the first moves do.
    return 10 * fewest - Math.round((5 * winningMoves(start, fewest).length) / listOurs(start).length);
  },
  hints: (task) => [
    { kind: 'man', square: task.answering },
    { kind: 'count', count: openDuel(task).fewest },
  ],
  reply(task, moves) {
    const { start, reply } = openDuel(task);
    const duel = follow(start, moves);
    const answer = duel && reply(duel);
    return answer && makeMoveText(answer);
  },
  listRightMoves(task, moves) {
    const { start, fewest, winningMoves } = openDuel(task);
    const duel = follow(start, moves);
    if (duel === undefined) return [];
    for (
      let left = Math.max(1, fewest - Math.ceil(moves.length / 2));
      left <= MOST_MOVES + MOST_ASTRAY;
      left += 1
    ) {
      const right = winningMoves(duel, left);
      if (right.length > 0) return right.map(makeMoveText);
    }
    return [];
  },
});

function step({ their }: Duel, { to }: Move): Duel {
  return { at: to, their: to === their ? undefined : their };
}

/** Both sides' moves by turns; whoever stands on the from-square moves. */
function follow(start: Duel, moves: readonly MoveText[]): Duel | undefined {
  return moves.reduce<Duel | undefined>((duel, text) => {
    const move = parseMoveText(text);
    if (duel === undefined || move === undefined) return undefined;
    if (move.from === duel.at) return step(duel, move);
    return move.from === duel.their ? { at: duel.at, their: move.to } : undefined;
  }, start);
}

type Duels = ReturnType<typeof playDuel>;

/** The rules of one task. Tasks made before kings went by their laws may have no way under them: these keep the rules they had. */
function openDuel(task: RouteAnsweredTask): Duels {
  const lawful = playDuel(task, listLawfulReach);
  return lawful.fewest > 0 ? lawful : playDuel(task, listReach);
}

/**
 * Has the task a way by the laws of kings, does a king of theirs begin out of check, and can their man move wherever both go, until it
 * is taken? For whoever makes tasks.
 */
export function isLawfulDuel(task: RouteAnsweredTask): boolean {
  const { start, fewest, draft, listOurs, listTheirs } = playDuel(task, listLawfulReach);
  if (fewest === 0) return false;
  const isKing = draft.board[task.answering]?.role === 'king';
  if (isKing && listAttackers(draft.board, task.answering, draft.turn).length > 0) return false;
  const seen = new Set<number>();
  const open = [start];
  for (let duel = open.pop(); duel !== undefined; duel = open.pop()) {
    const key = duel.at * 64 + (duel.their ?? 0);
    if (seen.has(key) || duel.at === task.target) continue;
    seen.add(key);
    for (const move of listOurs(duel)) {
      const after = step(duel, move);
      if (after.their === undefined) continue;
      const answers = listTheirs(after);
      if (answers.length === 0) return false;
      // A man that is taken goes nowhere any more.
      open.push(
        ...answers.filter(({ to }) => to !== after.at).map(({ to }) => ({ at: after.at, their: to })),
      );
    }
  }
  return true;
}

/** One task by these rules of going, with what has been worked out so far. */
function playDuel(
  { fen, square, target, answering }: RouteAnsweredTask,
  listMoves: (draft: PositionDraft, from: Square) => Move[],
) {
  const draft = getDraft(fen);
  const ours = draft.board[square];
  const theirs = draft.board[answering];
  const empty = without(without(draft, square), answering);
  const start: Duel = { at: square, their: answering };

  const boardOf = ({ at, their }: Duel) => {
    const board = empty.board.slice();
    board[at] = ours;
    if (their !== undefined) board[their] = theirs;
    return board;
  };
  const ourMoves = new Map<number, Move[]>();
  const keyOf = ({ at, their }: Duel) => at * 65 + (their ?? 64);
  /** Ways of our man: free squares, and their man that answers where it can be taken; no other man is taken on the way. */
  function listOurs(duel: Duel): Move[] {
    const known = ourMoves.get(keyOf(duel));
    if (known !== undefined) return known;
    const board = boardOf(duel);
    const moves = listMoves({ ...empty, board }, duel.at).filter(
      ({ to }) => board[to] === undefined || to === duel.their,
    );
    ourMoves.set(keyOf(duel), moves);
    return moves;
  }
  const theirMoves = new Map<number, Move[]>();
  function listTheirs(duel: Duel): Move[] {
    const { at, their } = duel;
    if (their === undefined) return [];
    const known = theirMoves.get(keyOf(duel));
    if (known !== undefined) return known;
    const board = boardOf(duel);
    const moves = listMoves({ ...empty, board, turn: opponentOf(draft.turn) }, their).filter(
      ({ to }) => board[to] === undefined || to === at,
    );
    theirMoves.set(keyOf(duel), moves);
    return moves;
  }
  const isTaken = (duel: Duel) => listTheirs(duel).some(({ to }) => to === duel.at);

  /** Moves of our man alone from each square to the target: what no answer can make fewer. */
  const alone = findDistances(listOurs, target);
  const known = new Map<number, boolean>();
  /** Our turn: is the target reached in so many moves whatever they answer? */
  function canReach(duel: Duel, left: number): boolean {
    if ((alone[duel.at] ?? Infinity) > left) return false;
    const key = keyOf(duel) * 16 + left;
    const before = known.get(key);
    if (before !== undefined) return before;
    const can = listOurs(duel).some((move) => winsWith(duel, move, left));
    known.set(key, can);
    return can;
  }
  function winsWith(duel: Duel, move: Move, left: number): boolean {
    const after = step(duel, move);
    if (after.at === target) return true;
    if (left <= 1 || (alone[after.at] ?? Infinity) > left - 1 || isTaken(after)) return false;
    const answers = listTheirs(after);
    if (answers.length === 0) return canReach(after, left - 1);
    return answers.every(({ to }) => canReach({ at: after.at, their: to }, left - 1));
  }
  const winningMoves = (duel: Duel, left: number) =>
    listOurs(duel).filter((move) => winsWith(duel, move, left));
  /** Their answer: they take when they can, else they go where it lasts longest. */
  function reply(duel: Duel): Move | undefined {
    const answers = listTheirs(duel);
    const taking = answers.find(({ to }) => to === duel.at);
    if (taking !== undefined) return taking;
    const lengthAfter = ({ to }: Move) => {
      const next = { at: duel.at, their: to };
      for (let left = 1; left <= MOST_MOVES; left += 1) if (canReach(next, left)) return left;
      return MOST_MOVES + 1;
    };
    const lengths = answers.map(lengthAfter);
    return answers[lengths.indexOf(Math.max(...lengths))];
  }
  let fewest = 0;
  for (let left = 1; left <= MOST_MOVES && fewest === 0; left += 1) if (canReach(start, left)) fewest = left;
  return { draft, start, fewest, boardOf, listOurs, listTheirs, isTaken, winningMoves, reply };
}

/** From each square the moves to the target with nobody answering; Infinity where there is no way. */
function findDistances(listOurs: (duel: Duel) => readonly Move[], target: Square): number[] {
  const back = new Map<Square, Square[]>();
  for (let at = 0; at < 64; at += 1) {
    for (const { to } of listOurs({ at, their: undefined })) back.set(to, [...(back.get(to) ?? []), at]);
  }
  const distances = Array.from({ length: 64 }, () => Infinity);
  distances[target] = 0;
  const queue = [target];
  for (let square = queue.shift(); square !== undefined; square = queue.shift()) {
    for (const before of back.get(square) ?? []) {
      if (distances[before] !== Infinity) continue;
      distances[before] = (distances[square] ?? 0) + 1;
      queue.push(before);
    }
  }
  return distances;
}

function judgeDuel(task: RouteAnsweredTask, { moves }: AnswerOf<'play'>): Verdict<DuelNote> {
  const { draft, start, fewest, boardOf, listOurs, listTheirs, reply, winningMoves } = openDuel(task);
  const role = getRole(draft, task.square);
  let duel = start;
  let count = 0;
  let detour: number | undefined;
  let isTheirTurn = false;
  for (const [ply, text] of moves.entries()) {
    const move = parseMoveText(text);
    if (isTheirTurn) {
      const isAnswer = move?.from === duel.their && listTheirs(duel).some(({ to }) => to === move?.to);
      if (!isAnswer || move === undefined) return atPly(ply, { code: 'not-a-legal-move' });
      duel = { at: duel.at, their: move.to };
      isTheirTurn = false;
      continue;
    }
    if (move?.from !== duel.at) return atPly(ply, { code: 'not-a-legal-move' });
    if (!listOurs(duel).some(({ to }) => to === move.to)) {
      const place = { ...draft, board: boardOf(duel) };
      const isFree = listLawfulReach(place, duel.at).some(({ to }) => to === move.to);
      return atPly(
        ply,
        isFree ? { code: 'takes-here', square: move.to, role } : noteNotReached(place, duel.at, move.to),
      );
    }
    if (detour === undefined && !winningMoves(duel, fewest - count).some(({ to }) => to === move.to))
      detour = ply;
    count += 1;
    duel = step(duel, move);
    if (duel.at === task.target) {
      return count <= fewest ? RIGHT : atPly(detour ?? 0, { code: 'goes-round', moves: count, fewest });
    }
    const taking = reply(duel);
    if (taking?.to === duel.at) {
      const by = taking.from;
      const note = {
        code: 'can-be-taken',
        square: duel.at,
        role,
        by,
        byRole: getRole(draft, task.answering),
      } as const;
      return { ...atPly(ply, note), refutation: [makeMoveText(taking)] };
    }
    isTheirTurn = taking !== undefined;
  }
  if (count < fewest + MOST_ASTRAY) return UNFINISHED;
  return atPly(detour ?? 0, { code: 'goes-round', moves: count, fewest });
}

function atPly(ply: number, note: DuelNote): Verdict<DuelNote> {
  return { ...wrongFor([note]), wrongPly: ply };
}
