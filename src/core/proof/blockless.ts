/**
 * Mate without pointless blocks on the readable rules: the definition of `search/pointlessBlocks.ts`, written a second time so
 * that the checker of proofs shares no code with the search.
 */
import {
  findCaptured,
  isCheck,
  isSameMove,
  listCheckers,
  listLegalMoves,
  playMove,
  type Position,
} from '../rules';

/** Is it mate, or a check of one line piece that only interpositions meet which it takes at once with the same result? */
export function countsAsMate(position: Position): boolean {
  const [checker, second] = listCheckers(position);
  if (checker === undefined) return false;
  const replies = listLegalMoves(position);
  if (replies.length === 0) return true;
  const role = position.board[checker]?.role;
  if (second !== undefined || (role !== 'bishop' && role !== 'rook' && role !== 'queen')) return false;
  return replies.every((reply) => {
    if (position.board[reply.from]?.role === 'king' || findCaptured(position, reply) !== undefined)
      return false;
    const blocked = playMove(position, reply);
    if (isCheck(blocked)) return false;
    const capture = { from: checker, to: reply.to };
    const isLegal = listLegalMoves(blocked).some((move) => isSameMove(move, capture));
    return isLegal && countsAsMate(playMove(blocked, capture));
  });
}
