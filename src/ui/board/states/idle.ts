import { IDLE, type BoardEvent, type HandRules, type HandStep } from './hand';

/** Nothing in hand: a press on a man that may be held takes it up. */
export function stepIdle(event: BoardEvent, rules: HandRules): HandStep {
  if (event.kind === 'squareDown' && rules.canHold(event.square)) {
    return { hand: { kind: 'holding', from: event.square, isFresh: true } };
  }
  return { hand: IDLE };
}
