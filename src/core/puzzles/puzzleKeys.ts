/** Keys under which the same puzzle, or its colour-swapped twin, is found again. */
import { makeFen } from '../notation';
import { listLegalMoves, swapColours, type Position, type PositionDraft } from '../rules';

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

function keyText(draft: PositionDraft): string {
  return makeFen(draft).split(' ').slice(0, 4).join(' ');
}
