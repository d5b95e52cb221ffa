import { fileOf, opponentOf, rankOf, type Board, type Man, type Side, type Square } from '../board';
import { KING_TARGETS, listAttackers, PAWN_TARGETS } from './attacks';
import { findKing, type PositionDraft } from './position';

/**
 * Is the side to move mated? Looks only at what could save the king, so it is quick; it needs no king of the other side, so that it
 * answers "is it still mate without this man". The same as `findOutcome` on every position (tested).
 */
export function isCheckmate({ board, turn, enPassant }: PositionDraft): boolean {
  const king = findKing(board, turn);
  if (king === undefined) return false;
  const their = opponentOf(turn);
  const checkers = listAttackers(board, king, their);
  const [checker] = checkers;
  if (checker === undefined || canKingGo(board, king, turn)) return false;
  // From a double check only the king can go.
  if (checkers.length > 1) return true;
  const between = listBetween(checker, king);
  const forward = turn === 'white' ? 8 : -8;
  const isSafeAfter = (from: Square, to: Square, taken?: Square) => {
    const after = board.slice();
    after[to] = after[from];
    after[from] = undefined;
    if (taken !== undefined) after[taken] = undefined;
    return listAttackers(after, king, their).length === 0;
  };
  const isOwn = (square: Square, role: Man['role']) =>
    board[square]?.side === turn && board[square].role === role;
  for (const from of listAttackers(board, checker, turn)) {
    if (from !== king && isSafeAfter(from, checker)) return false;
  }
  for (const to of between) {
    for (const from of listAttackers(board, to, turn)) {
      if (from !== king && board[from]?.role !== 'pawn' && isSafeAfter(from, to)) return false;
    }
    if (isOwn(to - forward, 'pawn') && isSafeAfter(to - forward, to)) return false;
    const isDouble = rankOf(to) === (turn === 'white' ? 3 : 4) && board[to - forward] === undefined;
    if (isDouble && isOwn(to - 2 * forward, 'pawn') && isSafeAfter(to - 2 * forward, to)) return false;
  }
  if (enPassant === undefined) return true;
  // From where a pawn could take in passing, a pawn of the other side on the passed square would attack.
  return !(PAWN_TARGETS[their][enPassant] ?? []).some(
    (from) => isOwn(from, 'pawn') && isSafeAfter(from, enPassant, enPassant - forward),
  );
}

function canKingGo(board: Board, king: Square, side: Side): boolean {
  const lifted = board.slice();
  lifted[king] = undefined;
  return (KING_TARGETS[king] ?? []).some(
    (to) => board[to]?.side !== side && listAttackers(lifted, to, opponentOf(side)).length === 0,
  );
}

/** The squares between two on one line; none for a knight's jump or neighbours. */
export function listBetween(one: Square, other: Square): Square[] {
  const files = fileOf(other) - fileOf(one);
  const ranks = rankOf(other) - rankOf(one);
  const length = Math.max(Math.abs(files), Math.abs(ranks));
  const isLine = files === 0 || ranks === 0 || Math.abs(files) === Math.abs(ranks);
  if (!isLine) return [];
  const step = (files + 8 * ranks) / Math.max(1, length);
  return Array.from({ length: Math.max(0, length - 1) }, (_, index) => one + step * (index + 1));
}
