/** Moves on boards without kings: a man goes, takes what stands there, and whose turn it is does not matter. */
import { getMan, opponentOf, type Square } from '../../../board';
import { listAttackers, listLawfulReach, type Move, type PositionDraft } from '../../../rules';

/** The same board after a move, the same side to move again. */
export function wander(draft: PositionDraft, { from, to, promotion }: Move): PositionDraft {
  const board = draft.board.slice();
  const man = board[from];
  board[from] = undefined;
  board[to] = man !== undefined && promotion !== undefined ? getMan(man.side, promotion) : man;
  return { ...draft, board, enPassant: undefined };
}

/**
 * Their men that may take the man of ours that has made this move, by the laws of kings: a man bound to its king may not, and a king takes
 * nothing that is protected.
 */
export function listThreats(draft: PositionDraft, move: Move): Square[] {
  const after = wander(draft, move);
  const theirs = { ...after, turn: opponentOf(draft.turn) };
  return listAttackers(after.board, move.to, theirs.turn).filter((from) =>
    listLawfulReach(theirs, from).some(({ to }) => to === move.to),
  );
}

/** The board without the man on a square. */
export function without(draft: PositionDraft, square: Square): PositionDraft {
  const board = draft.board.slice();
  board[square] = undefined;
  return { ...draft, board };
}
