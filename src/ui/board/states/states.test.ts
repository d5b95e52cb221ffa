import { IDLE, stepHand, type BoardEvent, type Drop, type Hand, type HandRules } from '.';

/** Men on a2 (8) and a7 (48, may promote on 56); 8 may go to 16 and 24 only. */
const RULES: HandRules = {
  canHold: (square) => square === 8 || square === 9 || square === 48,
  dropResult(from, to) {
    if (from === 48) return to === 56 ? 'promotion' : 'back';
    return to === 16 || to === 24 ? 'move' : 'back';
  },
};

/** What a user did, told as events; returns the last state and every drop. */
function run(...events: readonly BoardEvent[]): { hand: Hand; drops: Drop[] } {
  let hand: Hand = IDLE;
  const drops: Drop[] = [];
  for (const event of events) {
    const step = stepHand(hand, event, RULES);
    hand = step.hand;
    if (step.drop !== undefined) drops.push(step.drop);
  }
  return { hand, drops };
}

const down = (square: number): BoardEvent => ({ kind: 'squareDown', square });
const up = (square: number | undefined): BoardEvent => ({ kind: 'squareUp', square });

test('drag: press, carry, let go', () => {
  expect(run(down(8), up(24))).toEqual({ hand: IDLE, drops: [{ from: 8, to: 24 }] });
});

test('tap, tap: the man stays in hand between the taps', () => {
  expect(run(down(8), up(8)).hand).toMatchObject({ kind: 'holding', from: 8 });
  expect(run(down(8), up(8), down(24))).toEqual({ hand: IDLE, drops: [{ from: 8, to: 24 }] });
});

test('a square where the man may not go lays it down; another own man is taken up instead', () => {
  expect(run(down(8), up(40))).toEqual({ hand: IDLE, drops: [] });
  expect(run(down(8), up(8), down(40))).toEqual({ hand: IDLE, drops: [] });
  expect(run(down(8), up(8), down(9)).hand).toMatchObject({ kind: 'holding', from: 9 });
});

test('its own square again, Escape, or off the board: nothing happens', () => {
  expect(run(down(8), up(8), down(8))).toEqual({ hand: IDLE, drops: [] });
  expect(run(down(8), { kind: 'cancel' })).toEqual({ hand: IDLE, drops: [] });
  expect(run(down(8), up(undefined))).toEqual({ hand: IDLE, drops: [] });
});

test("an empty square or another side's man is not taken up", () => {
  expect(run(down(30)).hand).toEqual(IDLE);
});

test('promotion waits for the choice, and can be given up', () => {
  const waiting = [down(48), up(56)] as const;
  expect(run(...waiting)).toEqual({ hand: { kind: 'promoting', from: 48, to: 56 }, drops: [] });
  expect(run(...waiting, { kind: 'promotionChosen', role: 'knight' }).drops).toEqual([
    { from: 48, to: 56, promotion: 'knight' },
  ]);
  expect(run(...waiting, { kind: 'cancel' })).toEqual({ hand: IDLE, drops: [] });
  expect(run(...waiting, down(3))).toEqual({ hand: IDLE, drops: [] });
});
