import type { Move, Position } from '../../rules';
import type { AnswerOf } from '../family/answer';
import { findLegalMove, toTexts } from '../family/legalTask';
import { wrongFor, type Verdict } from '../family/verdict';

export function firstMove(moves: readonly Move[]): AnswerOf<'play'> {
  return { kind: 'play', moves: toTexts(moves.slice(0, 1)), slips: 0 };
}

/** Judges an answer of one legal move. */
export function judgeFirstMove(
  position: Position,
  { moves }: AnswerOf<'play'>,
  judge: (position: Position, move: Move) => Verdict,
): Verdict {
  const move = findLegalMove(position, moves[0] ?? '');
  if (move === undefined) return { ...wrongFor([{ code: 'not-a-legal-move' }]), wrongPly: 0 };
  const verdict = judge(position, move);
  return verdict.outcome === 'wrong' ? { ...verdict, wrongPly: 0 } : verdict;
}
