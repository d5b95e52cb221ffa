import { createRandom, pickOne, randomBelow } from '.';

test('the same seed gives the same numbers, another seed others, all in [0, 1)', () => {
  const draw = (seed: number) => {
    const random = createRandom(seed);
    return Array.from({ length: 200 }, random);
  };
  expect(draw(7)).toEqual(draw(7));
  expect(draw(7)).not.toEqual(draw(8));
  for (const value of draw(7)) expect(value >= 0 && value < 1).toBe(true);
});

test('every element is drawn about equally often', () => {
  const random = createRandom(3);
  const counts = [0, 0, 0, 0, 0];
  for (let number = 0; number < 5000; number += 1) {
    const at = randomBelow(random, 5);
    counts[at] = (counts[at] ?? 0) + 1;
  }
  for (const count of counts) expect(Math.abs(count - 1000)).toBeLessThan(150);
});

test('picking from nothing is a bug and says so', () => {
  expect(() => pickOne(createRandom(1), [])).toThrow('non-empty');
});
