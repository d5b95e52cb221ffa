/** Every question of boards that are brought, held against independent code; a thousand boards in `tests/long`. */
import { expectEveryFamilyAnswers, listBroughtFaults } from './broughtBoards';

const SEEDS = Array.from({ length: 10 }, (_, index) => 70_000 + index);

test.each([
  ['positions of games', true],
  ['boards without kings', false],
] as const)('%s: answers are judged as the oracle judges them, and every reason is true', (_, hasKings) => {
  const faults = SEEDS.flatMap((seed) => listBroughtFaults(seed, hasKings));
  expect(faults.slice(0, 3)).toEqual([]);
});

test('every family answers or says why it cannot, for 60 boards', () => {
  for (let seed = 80_000; seed < 80_060; seed += 1) {
    expectEveryFamilyAnswers(seed);
  }
});
