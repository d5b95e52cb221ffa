import type { Square } from '@/core/board';
import { IDLE, type BoardEvent, type Hand, type HandRules, type HandStep } from './hand';

type Holding = Extract<Hand, { kind: 'holding' }>;

/** A man in hand, by a press still down or by a tap: the next square gets it, a press on its own square lays it down. */
export function stepHolding(hand: Holding, event: BoardEvent, rules: HandRules): HandStep {
  switch (event.kind) {
    case 'squareDown':
      if (event.square === hand.from) return { hand: IDLE };
      return place(hand, event, rules);
    case 'squareUp':
      if (event.square === hand.from) return { hand: { ...hand, isFresh: false } };
      // The end of a press that did not take up this man says nothing.
      return hand.isFresh ? place(hand, event, rules) : { hand };
    case 'cancel':
      return { hand: IDLE };
    case 'promotionChosen':
      return { hand };
  }
}

interface Landing {
  readonly square: Square | undefined;
  readonly beside?: readonly Square[];
}

function place(hand: Holding, { square: to, beside = [] }: Landing, rules: HandRules): HandStep {
  switch (rules.dropResult(hand.from, to)) {
    case 'move':
      return { hand: IDLE, drop: { from: hand.from, to, ...(beside.length === 0 ? {} : { beside }) } };
    case 'promotion':
      return to === undefined ? { hand: IDLE } : { hand: { kind: 'promoting', from: hand.from, to } };
    case 'back':
      // Tapping another man that may be held means that one.
      return to !== undefined && rules.canHold(to) && !hand.isFresh
        ? { hand: { kind: 'holding', from: to, isFresh: true } }
        : { hand: IDLE };
  }
}
