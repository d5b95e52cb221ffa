/** Keys under which the same puzzle, or its colour-swapped twin, is found again. */
import { getMan, opponentOf, type Board } from '../board';
import { makeFen } from '../notation';
import { listLegalMoves, type CastlingRights, type Position, type PositionDraft } from '../rules';

/**
 * Equal exactly when the same men stand with the same rights and turn. Counters are left out, and the passed square
 * unless a pawn can really capture there.
 */
export function makeExactKey(position: Position): string {
  const canPass = listLegalMoves(position).some(
    ({ from, to }) => to === position.enPassant && position.board[from]?.role === 'pawn',
  );
  return keyText(canPass ? position : { ...position, enPassant: undefined });
}

/** The smaller of the exact key and that of the position seen from the other side of the board, colours exchanged. */
export function makeTwinKey(position: Position): string {
  const exact = makeExactKey(position);
  const swapped = makeExactKey(swapColours(position));
  return exact < swapped ? exact : swapped;
}

/** The same play with the armies exchanged: ranks turned round, colours, rights and turn swapped. */
export function swapColours(position: Position): Position {
  const { board, castling, enPassant } = position;
  const swapped: PositionDraft = {
    ...position,
    board: swapBoard(board),
    turn: opponentOf(position.turn),
    castling: { white: castling.black, black: castling.white } satisfies CastlingRights,
    enPassant: enPassant === undefined ? undefined : enPassant ^ 56,
  };
  // A turned position is as legal as the one it was made from.
  return swapped as Position;
}

function swapBoard(board: Board): Board {
  return board.map((_, square) => {
    const man = board[square ^ 56];
    return man && getMan(opponentOf(man.side), man.role);
  });
}

function keyText(draft: PositionDraft): string {
  return makeFen(draft).split(' ').slice(0, 4).join(' ');
}
