/** The same lesson on another part of the board: colours exchanged, left and right exchanged, a quarter-turn. */
import { fileOf, getMan, opponentOf, rankOf, type Board, type Square } from '../board';
import { NO_CASTLING, type PositionDraft } from './position';

/** The same play with the armies exchanged: ranks turned round, colours, rights and turn swapped. A position stays one. */
export function swapColours<Place extends PositionDraft>(place: Place): Place {
  const { castling, enPassant } = place;
  const board = rearrange(place.board, (square) => square ^ 56).map(
    (man) => man && getMan(opponentOf(man.side), man.role),
  );
  return {
    ...place,
    board,
    turn: opponentOf(place.turn),
    castling: { white: castling.black, black: castling.white },
    enPassant: enPassant === undefined ? undefined : enPassant ^ 56,
  };
}

/** Left and right exchanged. Nobody can castle then, for the kings stand on other squares. */
export function mirrorFiles(draft: PositionDraft): PositionDraft {
  const { board, enPassant } = draft;
  return {
    ...draft,
    board: rearrange(board, (square) => square ^ 7),
    castling: NO_CASTLING,
    enPassant: enPassant === undefined ? undefined : enPassant ^ 7,
  };
}

/** The board turned by a quarter, the men standing as they do; undefined with pawns, which would walk sideways. */
export function turnQuarter(draft: PositionDraft): PositionDraft | undefined {
  if (draft.board.some((man) => man?.role === 'pawn')) return undefined;
  // Clockwise as White sees it: what comes to file f and rank r stood on file 7 - r and rank f.
  const board = rearrange(draft.board, (square) => fileOf(square) * 8 + (7 - rankOf(square)));
  return { ...draft, board, castling: NO_CASTLING, enPassant: undefined };
}

/** A board on which each square holds what stood where it comes from. */
function rearrange(board: Board, comesFrom: (square: Square) => Square): Board {
  return board.map((_, square) => board[comesFrom(square)]);
}
