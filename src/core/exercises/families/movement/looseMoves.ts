/** Moves on boards without kings: a man goes, takes what stands there, and whose turn it is does not matter. */
import { getMan, type Square } from '../../../board';
import type { Move, PositionDraft } from '../../../rules';

/** The same board after a move, the same side to move again. */
export function wander(draft: PositionDraft, { from, to, promotion }: Move): PositionDraft {
  const board = draft.board.slice();
  const man = board[from];
  board[from] = undefined;
  board[to] = man !== undefined && promotion !== undefined ? getMan(man.side, promotion) : man;
  return { ...draft, board, enPassant: undefined };
}

/** The board without the man on a square. */
export function without(draft: PositionDraft, square: Square): PositionDraft {
  const board = draft.board.slice();
  board[square] = undefined;
  return { ...draft, board };
}
