/** Why a man does not get to a square: by its own way of going, by what stands there, or by the laws of kings. */
import { fileOf, opponentOf, rankOf, type Square, type Role } from '../../../board';
import { findKing, listAttackers, listReach, type PositionDraft } from '../../../rules';
import { findManBetween, getRole, isOnItsWay } from '../../family/lessonBoard';
import { wander } from './looseMoves';
import type { ByNote, ManNote, SquareNote, AttackedNote } from '../../family/note';

/** Why a man does not get to a square: what is in its way, how it goes, or the laws of kings. */
export type NotReachedNote =
  | ManNote<'own-square' | 'not-its-way' | 'own-man'>
  | { readonly code: 'behind'; readonly square: Square; readonly role: Role; readonly by: Square }
  | SquareNote<'king-is-never-taken' | 'pawn-takes-diagonally' | 'pawn-needs-a-man' | 'passing-is-over'>
  | AttackedNote<'king-steps-into-check'>
  | ByNote<'is-pinned-there'>;

/** A square that a man gets to and nobody marked. */
export interface MissedNote {
  readonly code: 'missed';
  readonly square: Square;
  readonly from: Square;
  readonly role: Role;
}

/** The man on `from`, of the side to move, and a square that it may not go to. */
export function noteNotReached(draft: PositionDraft, from: Square, square: Square): NotReachedNote {
  const role = getRole(draft, from);
  const man = draft.board[square];
  if (square === from) return { code: 'own-square', square, role };
  const move = listReach(draft, from).find(({ to }) => to === square);
  if (move !== undefined) return noteUnlawful(draft, from, square);
  if (role === 'pawn') return notePawn(draft, from, square);
  if (!isOnItsWay(role, from, square)) return { code: 'not-its-way', square, role };
  const by = role === 'knight' || role === 'king' ? undefined : findManBetween(draft, from, square);
  if (by !== undefined) return { code: 'behind', square, role, by };
  // The way is free and the man goes there: only a man of its own side can keep it out.
  return { code: 'own-man', square, role: man?.role ?? role };
}

/** The man goes that way, but a king forbids it. */
function noteUnlawful(draft: PositionDraft, from: Square, square: Square): NotReachedNote {
  const role = getRole(draft, from);
  if (draft.board[square]?.role === 'king') return { code: 'king-is-never-taken', square };
  const { board } = wander(draft, { from, to: square });
  const king = findKing(board, draft.turn);
  const [by] = king === undefined ? [] : listAttackers(board, king, opponentOf(draft.turn));
  if (by === undefined) throw new Error('a move that no king forbids is lawful');
  const byRole = getRole({ ...draft, board }, by);
  return role === 'king'
    ? { code: 'king-steps-into-check', square, by, byRole }
    : { code: 'is-pinned-there', square, role, by, byRole };
}

/** Pawns go straight and capture diagonally (FIDE Laws of Chess, article 3.7). */
function notePawn({ board, turn }: PositionDraft, from: Square, square: Square): NotReachedNote {
  const forward = turn === 'white' ? 1 : -1;
  const files = Math.abs(fileOf(square) - fileOf(from));
  const ranks = (rankOf(square) - rankOf(from)) * forward;
  const man = board[square];
  if (files === 1 && ranks === 1) {
    if (man !== undefined) return { code: 'own-man', square, role: man.role };
    const beside = board[square - 8 * forward];
    const isLate =
      beside?.role === 'pawn' && beside.side !== turn && rankOf(from) === (turn === 'white' ? 4 : 3);
    return { code: isLate ? 'passing-is-over' : 'pawn-needs-a-man', square };
  }
  if (files === 0 && ranks === 1 && man !== undefined) return { code: 'pawn-takes-diagonally', square };
  const isDouble = files === 0 && ranks === 2 && rankOf(from) === (turn === 'white' ? 1 : 6);
  const middle = from + 8 * forward;
  if (isDouble && board[middle] !== undefined) return { code: 'behind', square, role: 'pawn', by: middle };
  if (isDouble && man !== undefined) return { code: 'pawn-takes-diagonally', square };
  return { code: 'not-its-way', square, role: 'pawn' };
}
