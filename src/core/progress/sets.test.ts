import { createRandom } from '../shared';
import { expectScore, forecastSet, NEW_CHILD_RATING, pickRising, startPuzzleRating } from '.';

const many = Array.from({ length: 400 }, (_, index) => ({
  number: 300 + 2 * ((index * 37) % 400),
  ideaKey: `idea ${index % 50}`,
}));
const numbers = (items: readonly { readonly number: number }[]) => items.map(({ number }) => number);

test.each([1, 2, 3, 4, 5])('a pick rises, keeps near its steps and takes no idea twice (seed %i)', (seed) => {
  const picked = pickRising(many, { count: 12, from: 400, to: 900 }, createRandom(seed));
  expect(picked).toHaveLength(12);
  expect(new Set(picked.map(({ ideaKey }) => ideaKey)).size).toBe(12);
  expect(numbers(picked)).toEqual(numbers(picked).toSorted((one, other) => one - other));
  for (const [index, { number }] of picked.entries()) {
    expect(Math.abs(number - (400 + (500 * index) / 11))).toBeLessThan(30);
  }
});

test('the same seed picks the same, another one something else; nothing is there, nothing is picked', () => {
  const pick = (seed: number) => pickRising(many, { count: 8 }, createRandom(seed));
  expect(pick(3)).toEqual(pick(3));
  expect(pick(3)).not.toEqual(pick(4));
  expect(pickRising([], { count: 8 }, createRandom(1))).toEqual([]);
  // Fifty ideas, and no more.
  expect(pickRising(many, { count: 60 }, createRandom(1))).toHaveLength(50);
  // Bounds outside of what there is bring the nearest.
  const [hardest] = pickRising(many, { count: 1, from: 5000, to: 5000 }, createRandom(1));
  expect(hardest?.number).toBeGreaterThan(1000);
});

test('without bounds the rise leaves the easiest and the hardest tenth out', () => {
  const picked = pickRising(
    many.map((one, index) => ({ ...one, ideaKey: String(index) })),
    { count: 10 },
    createRandom(9),
  );
  expect(Math.abs((picked[0]?.number ?? 0) - 380)).toBeLessThan(20);
  expect(Math.abs((picked.at(-1)?.number ?? 0) - 1020)).toBeLessThan(20);
});

test('a forecast adds up chances and middle times, and is silent where too little is known', () => {
  const mates = [1, 1, 2].map((mateInMoves) => ({ mateInMoves, rating: startPuzzleRating(500) }));
  const child = { ...NEW_CHILD_RATING, value: 700, deviation: 80 };
  const times = [
    ...[10, 20, 90].map((seconds) => ({ mateInMoves: 1, spentMs: seconds * 1000 })),
    ...[60, 50].map((seconds) => ({ mateInMoves: 2, spentMs: seconds * 1000 })),
  ];
  expect(forecastSet(mates, [child], times, [])).toEqual({
    rightAtOnce: 3 * expectScore(child, startPuzzleRating(500)),
    children: 1,
    spentMs: undefined,
    answers: 3,
  });
  const more = [...times, { mateInMoves: 2, spentMs: 70_000 }, { mateInMoves: 5, spentMs: 1 }];
  // Twice 20 seconds and once 60; a time of another length tells nothing.
  expect(forecastSet(mates, [], more, [])).toEqual({
    rightAtOnce: undefined,
    children: 0,
    spentMs: 100_000,
    answers: 6,
  });
  // The club's times stand in for a length the class has hardly met, and for no other.
  const club = [1, 1, 1, 2, 2, 2].map((mateInMoves) => ({ mateInMoves, spentMs: 30_000 }));
  expect(forecastSet(mates, [], times, club)).toMatchObject({ spentMs: 70_000, answers: 6 });
});
