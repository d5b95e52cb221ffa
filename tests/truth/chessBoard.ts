/** Games and exchanges by chess.js, as an oracle: moves, checks, mates, and the exact exchange on one square by trying everything. */
import { Chess, type Move } from 'chess.js';
import { squareOf } from './plainBoard';

const VALUES = { p: 1, n: 3, b: 3, r: 5, q: 9, k: 0 } as const;

export const open = (fen: string) => new Chess(fen, { skipValidation: true });

const known = new Map<string, Move[]>();
/** Every legal move of a position. */
export function movesOf(fen: string): Move[] {
  const before = known.get(fen);
  if (before !== undefined) return before;
  const moves = open(fen).moves({ verbose: true });
  if (known.size > 20_000) known.clear();
  known.set(fen, moves);
  return moves;
}

export const findBySan = (fen: string, san: string) =>
  movesOf(fen).find((move) => move.san === san || move.san.replace(/[+#]$/, '') === san);
export const findByText = (fen: string, text: string) => movesOf(fen).find((move) => move.lan === text);

export const isInCheck = (fen: string) => open(fen).isCheck();
export const isMate = (fen: string) => isInCheck(fen) && movesOf(fen).length === 0;
export const isStale = (fen: string) => !isInCheck(fen) && movesOf(fen).length === 0;
/** Moves that mate at once. */
export const matesIn = (fen: string) => movesOf(fen).filter(({ san }) => san.endsWith('#'));

/** The other side to move, nothing to be taken in passing; undefined where the side to move is in check. */
export function passed(fen: string): string | undefined {
  if (isInCheck(fen)) return undefined;
  return turned(fen);
}

/** The same board with the other side to move, whatever stands in check. */
export function turned(fen: string): string {
  const [board = '', turn = 'w', castling = '-'] = fen.split(' ');
  return `${board} ${turn === 'w' ? 'b' : 'w'} ${castling} - 0 1`;
}

/** What a capture takes, with what a promotion adds. */
export function gotBy(move: Move): number {
  const promoted = move.promotion === undefined ? 0 : VALUES[move.promotion] - VALUES.p;
  return (move.captured === undefined ? 0 : VALUES[move.captured]) + promoted;
}

/** What the side to move wins by captures on a square, both sides free to stop. En passant is no capture on a square. */
export function exchangeOn(fen: string, square: number): number {
  return movesOf(fen)
    .filter((move) => squareOf(move.to) === square && move.captured !== undefined && !move.isEnPassant())
    .reduce((most, move) => Math.max(most, exchangeBy(move)), 0);
}

/** What a capture comes to on the square where it lands. */
export function exchangeBy(move: Move): number {
  return gotBy(move) - exchangeOn(move.after, squareOf(move.to));
}
