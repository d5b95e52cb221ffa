/** What sort of move it is, as it is told to a class: check, capture, quiet; and whether something is given up for it. */
import { MAN_VALUES, type Square, type ValueScale } from '../board';
import { findCaptured, isCheck, listLegalMoves, playMove, type Move, type Position } from '../rules';

export interface MoveKind {
  readonly isCheck: boolean;
  readonly isCapture: boolean;
  /** Neither check nor capture nor promotion. */
  readonly isQuiet: boolean;
  /** Points the other side wins by taking the man that moved, what it took and its promotion counted; 0 when it wins none. */
  readonly given: number;
  /** Something is given. */
  readonly isSacrifice: boolean;
}

export function describeMove(position: Position, move: Move, values: ValueScale = MAN_VALUES): MoveKind {
  const after = playMove(position, move);
  const captured = findCaptured(position, move);
  const taken = findExchange(after, move.to, values);
  const gained =
    (captured === undefined ? 0 : values[captured.role]) +
    (move.promotion === undefined ? 0 : values[move.promotion] - values.pawn);
  return {
    isCheck: isCheck(after),
    isCapture: captured !== undefined,
    isQuiet: !isCheck(after) && captured === undefined && move.promotion === undefined,
    given: Math.max(0, taken - gained),
    isSacrifice: taken > gained,
  };
}

/**
 * What the side to move wins at best by taking on this square and being retaken there, in pawns; 0 when it had better not, or
 * cannot. Every legal capture there is tried, so pinned men count for what they may do.
 */
export function findExchange(position: Position, square: Square, values: ValueScale): number {
  const target = position.board[square];
  if (target === undefined || target.side === position.turn) return 0;
  return listLegalMoves(position)
    .filter(({ to }) => to === square)
    .reduce((best, move) => {
      const promoted = move.promotion === undefined ? 0 : values[move.promotion] - values.pawn;
      const lost = findExchange(playMove(position, move), square, values);
      return Math.max(best, values[target.role] + promoted - lost);
    }, 0);
}
