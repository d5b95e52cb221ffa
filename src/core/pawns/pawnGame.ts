/**
 * The pawns-only game: pawns from their home rows, with or without kings; everything goes as in chess (FIDE Laws of Chess, articles 3.7
 * and 3.8). Two goals, both common practice: `promotion` is won by the first pawn on the far row, and drawn when the side to move cannot
 * move; `last-move` is won by whoever makes the last move, and a pawn on the far row stays a pawn that stands. With kings, mate wins in
 * both, and stalemate is a draw in the first.
 */
import { getMan, opponentOf, PROMOTION_ROLES, rankOf, type Side, type Square } from '../board';
import {
  EMPTY_DRAFT,
  findKing,
  listAttackers,
  listUncheckedMoves,
  type Move,
  type PositionDraft,
} from '../rules';

export const PAWN_GOALS = ['promotion', 'last-move'] as const;
export type PawnGoal = (typeof PAWN_GOALS)[number];

/** How a game has ended; undefined winner: drawn. */
export interface PawnEnd {
  readonly winner: Side | undefined;
  readonly why: 'far-row' | 'no-men-left' | 'no-move' | 'mate' | 'quiet-moves';
}

/** Plies of kings alone, one after another, that make a draw: shorter than in a game of all men, for a lesson is short. */
export const MOST_QUIET_PLIES = 40;

/** Pawns of both sides on their home rows on these files, 0 to 7, and the kings where they begin a game. White moves first. */
export function startPawnGame(files: readonly number[], hasKings: boolean): PositionDraft {
  const board = EMPTY_DRAFT.board.slice();
  for (const file of files) {
    board[8 + file] = getMan('white', 'pawn');
    board[48 + file] = getMan('black', 'pawn');
  }
  if (hasKings) {
    board[4] = getMan('white', 'king');
    board[60] = getMan('black', 'king');
  }
  return { ...EMPTY_DRAFT, board };
}

/** Every move of the side to move. A pawn that reaches the far row does so once: what it would become is no question here. */
export function listPawnMoves(draft: PositionDraft): Move[] {
  return (
    listUncheckedMoves(draft)
      .filter(({ promotion }) => promotion === undefined || promotion === PROMOTION_ROLES[0])
      // A pawn that stands on the far row has nowhere to go.
      .filter(({ to }) => to >= 0 && to < 64)
      .map(({ from, to }) => ({ from, to }))
      .filter((move) => isKingSafe(playPawnMove(draft, move).board, draft.turn))
  );
}

function isKingSafe(board: PositionDraft['board'], side: Side): boolean {
  const king = findKing(board, side);
  return king === undefined || listAttackers(board, king, opponentOf(side)).length === 0;
}

/** The board after a move, the other side to move; a pawn on the far row stays a pawn. */
export function playPawnMove(draft: PositionDraft, { from, to }: Move): PositionDraft {
  const board = draft.board.slice();
  const man = board[from];
  const isPawn = man?.role === 'pawn';
  if (isPawn && to === draft.enPassant && board[to] === undefined && (from - to) % 8 !== 0) {
    board[to + (draft.turn === 'white' ? -8 : 8)] = undefined;
  }
  board[from] = undefined;
  board[to] = man;
  const isDouble = isPawn && Math.abs(to - from) === 16;
  return {
    ...draft,
    board,
    turn: opponentOf(draft.turn),
    enPassant: isDouble ? (from + to) / 2 : undefined,
    halfmoves: isPawn || draft.board[to] !== undefined ? 0 : draft.halfmoves + 1,
    fullmoves: draft.fullmoves + (draft.turn === 'black' ? 1 : 0),
  };
}

/** Has the game ended with the move that led here? */
export function findPawnEnd(draft: PositionDraft, goal: PawnGoal): PawnEnd | undefined {
  const { board, turn } = draft;
  const mover = opponentOf(turn);
  if (goal === 'promotion' && hasArrived(draft, mover)) return { winner: mover, why: 'far-row' };
  if (listPawnMoves(draft).length > 0) {
    return draft.halfmoves < MOST_QUIET_PLIES ? undefined : { winner: undefined, why: 'quiet-moves' };
  }
  const isMated = !isKingSafe(board, turn);
  if (isMated) return { winner: mover, why: 'mate' };
  if (!board.some((man) => man?.side === turn && man.role === 'pawn')) {
    return { winner: mover, why: 'no-men-left' };
  }
  return { winner: goal === 'last-move' ? mover : undefined, why: 'no-move' };
}

function hasArrived({ board }: PositionDraft, side: Side): boolean {
  const isFar = (square: Square) => rankOf(square) === (side === 'white' ? 7 : 0);
  return board.some((man, square) => man?.side === side && man.role === 'pawn' && isFar(square));
}
