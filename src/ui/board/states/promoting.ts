import { IDLE, type BoardEvent, type Hand, type HandStep } from './hand';

/** A pawn has reached the last row: the man it becomes is chosen, or the pawn goes back. */
export function stepPromoting(hand: Extract<Hand, { kind: 'promoting' }>, event: BoardEvent): HandStep {
  switch (event.kind) {
    case 'promotionChosen':
      return { hand: IDLE, drop: { from: hand.from, to: hand.to, promotion: event.role } };
    case 'cancel':
    case 'squareDown':
      return { hand: IDLE };
    case 'squareUp':
      return { hand };
  }
}
