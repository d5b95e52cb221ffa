import type { Move, Position } from '../../rules';
import type { AnswerOf } from '../family/answer';
import { findLegalMove, toTexts } from '../family/legalTask';
import type { FamilyNote } from '../family/note';
import { wrongFor, type Verdict } from '../family/verdict';

/** A text that is no legal move here. */
export interface NotLegalNote {
  readonly code: 'not-a-legal-move';
}

export function firstMove(moves: readonly Move[]): AnswerOf<'play'> {
  return { kind: 'play', moves: toTexts(moves.slice(0, 1)), slips: 0 };
}

/** Judges an answer of one legal move. */
export function judgeFirstMove<const Note extends FamilyNote>(
  position: Position,
  { moves }: AnswerOf<'play'>,
  judge: (position: Position, move: Move) => Verdict<Note>,
): Verdict<Note | NotLegalNote> {
  const move = findLegalMove(position, moves[0] ?? '');
  if (move === undefined) return { ...wrongFor([{ code: 'not-a-legal-move' }]), wrongPly: 0 };
  const verdict: Verdict<Note | NotLegalNote> = judge(position, move);
  return verdict.outcome === 'wrong' ? { ...verdict, wrongPly: 0 } : verdict;
}
