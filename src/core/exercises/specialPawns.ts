/**
 * Families of the pawns' special moves. `may-pass`: may this pawn take that one in passing (FIDE Laws of Chess, article 3.7.3.1), and
 * if not, why? The last move is told and shown. `promote-to`: which men may the pawn become so that it gives mate, or so that it
 * is not stalemate (article 3.7.3.3), or so that it forks: cannot be taken, and attacks at once two men that are each the king or worth
 * more than itself (by the usual points). Every such man is right.
 */
import { z } from 'zod/mini';
import { fileOf, MAN_VALUES, opponentOf, PROMOTION_ROLES, rankOf, type Square } from '../board';
import { getPosition, makeSan } from '../notation';
import { findKing, findOutcome, listAttackers, listLegalMoves, playMove, type Position } from '../rules';
import { squareSchema } from './answer';
import { findState, reasonOfMoves, whyState } from './check';
import { chooseHints, chooseOptions, compareOptions, compareWithReason } from './chooseVerdict';
import { defineFamily } from './family';
import { isMatingMove, positionTextSchema, sceneOfPosition } from './legalTask';
import type { Reason } from './verdict';

export const PASSING_OPTIONS = [
  'may-take',
  'single-step',
  'too-late',
  'not-beside',
  'king-in-check',
] as const;

export const passingTaskSchema = z.object({
  /** After the other side's last move; the square passed over is not trusted but worked out. */
  fen: positionTextSchema,
  /** Our pawn, and theirs with where it came from. */
  pawn: squareSchema,
  from: squareSchema,
  to: squareSchema,
  /** Something else was played in between. */
  isLate: z.boolean(),
});
export type PassingTask = z.infer<typeof passingTaskSchema>;

export const mayPassFamily = defineFamily<PassingTask, 'choose'>({
  id: 'may-pass',
  version: 1,
  stage: 'special-moves',
  skill: 'en-passant',
  answerMode: 'choose',
  levels: 4,
  taskSchema: passingTaskSchema,
  question: ({ fen, pawn, from, to, isLate }) => ({
    code: 'may-pass',
    turn: getPosition(fen).turn,
    pawn,
    from,
    to,
    isLate,
  }),
  scene: ({ fen, pawn, from, to }) => sceneOfPosition(fen, { asked: [pawn], trace: { from, to } }),
  ask: () => ({ kind: 'choose', options: PASSING_OPTIONS, isMultiple: false }),
  solution: (task) => chooseOptions([solvePassing(task)]),
  judge: (task, answer) =>
    compareWithReason(solvePassing(task), answer, (option) =>
      reasonOfPassing(task, option === 'may-take' ? solvePassing(task) : option),
    ),
  measure(task) {
    const { board } = getPosition(task.fen);
    return (
      board.filter((man) => man !== undefined).length +
      (solvePassing(task) === 'king-in-check' ? 20 : 0) +
      (task.isLate ? 5 : 0)
    );
  },
  hints: (task) => chooseHints(PASSING_OPTIONS, [solvePassing(task)]),
});

function solvePassing({ fen, pawn, from, to, isLate }: PassingTask): (typeof PASSING_OPTIONS)[number] {
  const position = getPosition(fen);
  if (Math.abs(to - from) !== 16) return 'single-step';
  if (isLate) return 'too-late';
  if (!isBeside(pawn, to)) return 'not-beside';
  const passed: Square = (from + to) / 2;
  const isLegal = listLegalMoves({ ...position, enPassant: passed }).some(
    (move) => move.from === pawn && move.to === passed,
  );
  return isLegal ? 'may-take' : 'king-in-check';
}

/** Why a condition of taking in passing holds, or fails. */
function reasonOfPassing(task: PassingTask, option: string): Reason {
  const { pawn, from, to, isLate } = task;
  switch (option) {
    case 'single-step':
      return { code: Math.abs(to - from) === 16 ? 'two-steps' : 'one-step' };
    case 'too-late':
      return { code: isLate ? 'only-at-once' : 'just-now' };
    case 'not-beside':
      return { code: isBeside(pawn, to) ? 'is-beside' : 'is-not-beside' };
    case 'king-in-check':
      return reasonOfKing(task);
    default:
      return { code: 'all-conditions-hold' };
  }
}

/** After the en passant capture: does anything attack the capturing side's own king, and what? */
function reasonOfKing({ fen, pawn, from, to }: PassingTask): Reason {
  const { board, turn } = getPosition(fen);
  const after = board.slice();
  after[(from + to) / 2] = after[pawn];
  after[pawn] = undefined;
  after[to] = undefined;
  const king = findKing(after, turn);
  const [by] = king === undefined ? [] : listAttackers(after, king, opponentOf(turn));
  const man = by === undefined ? undefined : after[by];
  return by === undefined || man === undefined
    ? { code: 'king-is-safe' }
    : { code: 'king-would-be-attacked', by, byRole: man.role };
}

function isBeside(pawn: Square, other: Square): boolean {
  return rankOf(pawn) === rankOf(other) && Math.abs(fileOf(pawn) - fileOf(other)) === 1;
}

const promotionShape = z.object({
  fen: positionTextSchema,
  from: squareSchema,
  to: squareSchema,
  goal: z.enum(['mate', 'no-stalemate', 'fork']),
});
type PromotionTask = z.infer<typeof promotionShape>;
const promotionTaskSchema = promotionShape.check(
  z.refine((task) => {
    const right = listRightRoles(task).length;
    // That nothing is stalemate is an answer too; else everybody would always leave the queen out.
    return right > 0 && (task.goal === 'no-stalemate' || right < PROMOTION_ROLES.length);
  }, 'nothing to choose'),
);

export const promoteToFamily = defineFamily<PromotionTask, 'choose'>({
  id: 'promote-to',
  version: 1,
  stage: 'special-moves',
  skill: 'promotion',
  answerMode: 'choose',
  levels: 4,
  taskSchema: promotionTaskSchema,
  question: ({ to, goal }) => ({ code: 'promote-to', square: to, goal }),
  scene: ({ fen, from, to }) => sceneOfPosition(fen, { asked: [from], trace: { from, to } }),
  ask: () => ({ kind: 'choose', options: PROMOTION_ROLES, isMultiple: true }),
  solution: (task) => chooseOptions(listRightRoles(task)),
  judge: (task, answer) =>
    compareOptions(listRightRoles(task), answer, (option) => reasonOfRole(task, option)),
  measure(task) {
    const men = getPosition(task.fen).board.filter((man) => man !== undefined).length;
    if (listRightRoles(task).includes('queen')) return men;
    return men + { 'no-stalemate': 20, mate: 40, fork: 60 }[task.goal];
  },
  hints: (task) => chooseHints(PROMOTION_ROLES, listRightRoles(task)),
});

/** What the other side has left once the pawn has become this. */
function reasonOfRole({ fen, from, to, goal }: PromotionTask, option: string): Reason | undefined {
  const position = getPosition(fen);
  const move = listLegalMoves(position).find(
    (one) => one.from === from && one.to === to && one.promotion === option,
  );
  if (move === undefined) return undefined;
  const after = playMove(position, move);
  if (goal === 'fork') return reasonOfFork(after, to);
  const state = findState(after);
  return state === 'mate' || state === 'stalemate' ? whyState(after, state) : reasonOfMoves(after);
}

function listRightRoles({ fen, from, to, goal }: PromotionTask): string[] {
  const position = getPosition(fen);
  return listLegalMoves(position)
    .filter((move) => move.from === from && move.to === to && move.promotion !== undefined)
    .filter((move) => {
      if (goal === 'mate') return isMatingMove(position, move);
      const after = playMove(position, move);
      return goal === 'fork' ? forks(after, to) : findOutcome(after)?.kind !== 'stalemate';
    })
    .flatMap(({ promotion }) => promotion ?? []);
}

/** The new man attacks two men that are each the king or worth more than itself, and nobody can take it. */
function forks(after: Position, square: Square): boolean {
  return !listLegalMoves(after).some(({ to }) => to === square) && listForked(after, square).length > 1;
}

function listForked({ board, turn }: Position, square: Square): Square[] {
  const own = board[square];
  if (own === undefined) return [];
  return board.flatMap((man, at) => {
    const isWorthy =
      man?.side === turn && (man.role === 'king' || MAN_VALUES[man.role] > MAN_VALUES[own.role]);
    return isWorthy && listAttackers(board, at, opponentOf(turn)).includes(square) ? [at] : [];
  });
}

/** Which men it attacks, or that it can be taken. */
function reasonOfFork(after: Position, square: Square): Reason {
  const taking = listLegalMoves(after).find(({ to }) => to === square);
  if (taking !== undefined) return { code: 'is-taken-by', moves: [makeSan(after, taking)] };
  return { code: 'attacks', squares: listForked(after, square) };
}
