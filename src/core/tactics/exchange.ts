/**
 * The exact exchange on one square: both sides capture there by turns, and either may stop. Every legal capture is tried, so pins,
 * checks, pieces lined up behind one another and the king as the last to take come out right by themselves. Figures are points of
 * the scale that is handed in.
 */
import type { Square, ValueScale } from '../board';
import { findCaptured, listLegalMoves, playMove, type Move, type Position } from '../rules';

export interface Exchange {
  /** Points of the side that begins. */
  readonly gain: number;
  /** The captures of both sides as they are best, the first one included. */
  readonly moves: readonly Move[];
}

const NOTHING: Exchange = { gain: 0, moves: [] };

/** What a move takes, with what its promotion adds. */
export function findTaken(position: Position, move: Move, values: ValueScale): number {
  const captured = findCaptured(position, move);
  const promoted = move.promotion === undefined ? 0 : values[move.promotion] - values.pawn;
  return (captured === undefined ? 0 : values[captured.role]) + promoted;
}

/** What comes of a move on the square where it lands: what it takes, less what the other side then gets there. */
export function exchangeAfter(position: Position, move: Move, values: ValueScale): Exchange {
  const reply = exchangeOn(playMove(position, move), move.to, values);
  return { gain: findTaken(position, move, values) - reply.gain, moves: [move, ...reply.moves] };
}

/** The best of the captures of the side to move on a square; nothing when it had better stop. En passant takes nobody on its square. */
export function exchangeOn(position: Position, square: Square, values: ValueScale): Exchange {
  if (position.board[square] === undefined) return NOTHING;
  return listLegalMoves(position)
    .filter(({ to }) => to === square)
    .map((move) => exchangeAfter(position, move, values))
    .reduce((best, exchange) => (exchange.gain > best.gain ? exchange : best), NOTHING);
}
