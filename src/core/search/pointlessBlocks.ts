/**
 * Mate without pointless blocks. Many classes call a position mate although the defender can still put a man between, when
 * that man is only taken and nothing has changed (common practice of problem solving; books differ, so both counts exist).
 *
 * A position with the defender to move counts as mate when it is mate, or when all of this holds: exactly one line piece
 * gives check; the king has no move; no reply captures; every legal reply is an interposition that gives no check, and the
 * checking piece can capture it at once so that the new position is mate or counts as mate by the same rule.
 */
import type { PackedMove, SearchBoard } from './searchBoard';

/** Does the position on the board count as mate? Uses the slots from `ply` on and leaves the board as it was. */
export function countsAsMate(board: SearchBoard, ply: number): boolean {
  if (board.isMated()) return true;
  const checker = board.findLineChecker();
  if (checker < 0) return false;
  const count = board.generate(ply);
  // Against one check every reply that neither moves the king nor captures is an interposition.
  for (let index = 0; index < count; index += 1) {
    const reply = board.moveAt(ply, index);
    const man = (board.codeAt(reply & 63) - 1) % 6;
    if (man === KING_CODE || board.capturedCode(reply) !== 0) return false;
  }
  for (let index = 0; index < count; index += 1) {
    const reply = board.moveAt(ply, index);
    board.make(reply);
    const isPointless = !board.isCheck() && isTakenWithMate(board, checker, (reply >> 6) & 63, ply + 1);
    board.unmake();
    if (!isPointless) return false;
  }
  return true;
}

const KING_CODE = 5;

function isTakenWithMate(board: SearchBoard, checker: number, blocker: number, ply: number): boolean {
  const capture: PackedMove = checker | (blocker << 6);
  const count = board.generate(ply);
  for (let index = 0; index < count; index += 1) {
    if (board.moveAt(ply, index) !== capture) continue;
    board.make(capture);
    const isMate = countsAsMate(board, ply + 1);
    board.unmake();
    return isMate;
  }
  return false;
}
