import type { BoardEvent, Hand, HandRules, HandStep } from './hand';
import { stepHolding } from './holding';
import { stepIdle } from './idle';
import { stepPromoting } from './promoting';

/** The next state of the hand and, when something was dropped, what. */
export function stepHand(hand: Hand, event: BoardEvent, rules: HandRules): HandStep {
  switch (hand.kind) {
    case 'idle':
      return stepIdle(event, rules);
    case 'holding':
      return stepHolding(hand, event, rules);
    case 'promoting':
      return stepPromoting(hand, event);
  }
}

export { IDLE, type BoardEvent, type Drop, type Hand, type HandRules } from './hand';
