/** A thousand positions of random games and five hundred boards without kings: every question of theirs held against independent code. */
import { expectEveryFamilyAnswers, listBroughtFaults } from '../truth/broughtBoards';

jest.setTimeout(3_600_000);

test.each([
  ['positions of games', true, 1000],
  ['boards without kings', false, 500],
] as const)('%s', (_, hasKings, count) => {
  const seeds = Array.from({ length: count }, (__, index) => 90_000 + index);
  const faults = seeds.flatMap((seed) => listBroughtFaults(seed, hasKings));
  expect(faults.slice(0, 5)).toEqual([]);
});

test('every family answers or says why it cannot, for 200 boards', () => {
  for (let seed = 80_000; seed < 80_200; seed += 1) expectEveryFamilyAnswers(seed);
});
