import { getMan, type Board, type Role, type Side, type Square } from '../board';
import type { Brand } from '../shared';

/** The two wings a king can castle to: short = towards the h-file. */
export type CastlingWing = 'short' | 'long';
export type CastlingRights = Readonly<Record<Side, Readonly<Record<CastlingWing, boolean>>>>;

/** What stands on a board and whose turn it is, not yet checked: half-built or impossible boards included. */
export interface PositionDraft {
  readonly board: Board;
  readonly turn: Side;
  readonly castling: CastlingRights;
  /** The square a pawn has just passed over with a double step, whether or not a capture there is possible. */
  readonly enPassant: Square | undefined;
  /** Plies since the last capture or pawn move. */
  readonly halfmoves: number;
  /** Number of the next full move, from 1. */
  readonly fullmoves: number;
}

/** A draft that passed `checkPosition`: everything below may rely on it. */
export type Position = Brand<PositionDraft, 'position'>;

export const NO_CASTLING: CastlingRights = {
  white: { short: false, long: false },
  black: { short: false, long: false },
};

const ALL_CASTLING: CastlingRights = {
  white: { short: true, long: true },
  black: { short: true, long: true },
};

/** An empty board with White to move. */
export const EMPTY_DRAFT: PositionDraft = {
  board: Array.from({ length: 64 }, () => undefined),
  turn: 'white',
  castling: NO_CASTLING,
  enPassant: undefined,
  halfmoves: 0,
  fullmoves: 1,
};

const FIRST_RANK: readonly Role[] = ['rook', 'knight', 'bishop', 'queen', 'king', 'bishop', 'knight', 'rook'];

/** The initial position (FIDE Laws of Chess, articles 2.2 and 2.3). */
export const INITIAL_POSITION = {
  ...EMPTY_DRAFT,
  board: [
    ...FIRST_RANK.map((role) => getMan('white', role)),
    ...FIRST_RANK.map(() => getMan('white', 'pawn')),
    ...Array.from({ length: 32 }, () => undefined),
    ...FIRST_RANK.map(() => getMan('black', 'pawn')),
    ...FIRST_RANK.map((role) => getMan('black', role)),
  ],
  castling: ALL_CASTLING,
} as PositionDraft as Position;

/** Where the king of this side stands; undefined on a draft without one. */
export function findKing(board: Board, side: Side): Square | undefined {
  const king = getMan(side, 'king');
  const square = board.indexOf(king);
  return square < 0 ? undefined : square;
}
