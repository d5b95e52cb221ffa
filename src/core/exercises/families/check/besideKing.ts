/**
 * The squares beside a king. free: the king may go or capture there; own-man: a man of its own stands there; guarded: it could be captured
 * there (FIDE Laws of Chess, article 3.9.2). A line goes on through the king, and a pinned man guards too (article 3.1.3), so the squares are
 * looked at on the board without the king.
 */
import { kingDistance, opponentOf, type Square } from '../../../board';
import { findKing, listAttackers, type PositionDraft } from '../../../rules';
import type { AnswerOf } from '../../family/answer';
import { findManBetween, getRole } from '../../family/lessonBoard';
import type { AttackedNote, SquareNote } from '../../family/note';
import { RIGHT, wrongFor, type Verdict } from '../../family/verdict';
import { without } from '../movement/looseMoves';

export const KING_SQUARE_LABELS = ['free', 'own-man', 'guarded'] as const;

type KingSquareLabel = (typeof KING_SQUARE_LABELS)[number];

/** Why a square beside the king has its label. */
export type BesideKingNote =
  | SquareNote<'not-beside-king' | 'is-own-man' | 'is-free'>
  | AttackedNote<'guarded-through-king' | 'is-guarded'>;

/** Compares the label of each square beside the king with the right one. */
export function judgeLabels(
  draft: PositionDraft,
  { marks }: AnswerOf<'tap'>,
  rightLabel: (draft: PositionDraft, square: Square) => string,
): Verdict<BesideKingNote> {
  const neighbours = listNeighbours(draft);
  const given = new Map(marks.map(({ square, label }) => [square, label]));
  const isRight = (square: Square) => given.get(square) === rightLabel(draft, square);
  const right = neighbours.filter(isRight);
  const missed = neighbours.filter((square) => !given.has(square));
  const extra = [...given.keys()]
    .filter((square) => !neighbours.includes(square) || !isRight(square))
    .sort((one, other) => one - other);
  if (right.length === neighbours.length && extra.length === 0) return { ...RIGHT, right };
  const notes = [...extra, ...missed].map((square) => noteOf(draft, square, neighbours));
  return wrongFor(notes, { right, extra, missed });
}

export function getKing({ board, turn }: PositionDraft): Square {
  const king = findKing(board, turn);
  if (king === undefined) throw new Error('the task has a king');
  return king;
}

export function listNeighbours(draft: PositionDraft): Square[] {
  const king = getKing(draft);
  return draft.board.flatMap((_, square) => (kingDistance(king, square) === 1 ? [square] : []));
}

/** Their men that would take the king on this square. */
export function listGuards(draft: PositionDraft, square: Square): Square[] {
  return listAttackers(without(draft, getKing(draft)).board, square, opponentOf(draft.turn));
}

export function labelOf(draft: PositionDraft, square: Square): KingSquareLabel {
  if (draft.board[square]?.side === draft.turn) return 'own-man';
  return listGuards(draft, square).length > 0 ? 'guarded' : 'free';
}

function noteOf(draft: PositionDraft, square: Square, neighbours: readonly Square[]): BesideKingNote {
  if (!neighbours.includes(square)) return { code: 'not-beside-king', square };
  const label = labelOf(draft, square);
  if (label === 'own-man') return { code: 'is-own-man', square };
  const [by] = listGuards(draft, square);
  if (by === undefined) return { code: 'is-free', square };
  const isThrough = getRole(draft, by) !== 'knight' && findManBetween(draft, by, square) === getKing(draft);
  return {
    code: isThrough ? 'guarded-through-king' : 'is-guarded',
    square,
    by,
    byRole: getRole(draft, by),
  };
}
