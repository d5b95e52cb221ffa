/**
 * Family `may-pass`: may this pawn capture that one en passant (FIDE Laws of Chess, article 3.7.3.1), and if not, why? The last move is told
 * and shown.
 */
import { z } from 'zod/mini';
import { fileOf, opponentOf, rankOf, type Square, type Side, type Role } from '../../../board';
import { getPosition } from '../../../notation';
import { findKing, listAttackers, listLegalMoves } from '../../../rules';
import { chooseHints, chooseOptions, compareWithReason, type ChoiceNote } from '../../answers/choose';
import { squareSchema } from '../../family/answer';
import { defineFamily } from '../../family/family';
import { positionTextSchema, sceneOfPosition } from '../../family/legalTask';
import type { PlainReason } from '../../family/note';

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

export interface MayPassQuestion {
  readonly code: 'may-pass';
  readonly turn: Side;
  readonly pawn: Square;
  readonly from: Square;
  readonly to: Square;
  readonly isLate: boolean;
}

type PassingReason =
  | PlainReason<
      | 'one-step'
      | 'two-steps'
      | 'only-at-once'
      | 'just-now'
      | 'is-beside'
      | 'is-not-beside'
      | 'all-conditions-hold'
      | 'king-is-safe'
    >
  /** With both pawns gone, this man attacks the king. */
  | { readonly code: 'king-would-be-attacked'; readonly by: Square; readonly byRole: Role };

export const mayPassFamily = defineFamily<PassingTask, 'choose', MayPassQuestion, ChoiceNote<PassingReason>>({
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
function reasonOfPassing(task: PassingTask, option: string): PassingReason {
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
function reasonOfKing({ fen, pawn, from, to }: PassingTask): PassingReason {
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
