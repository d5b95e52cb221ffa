import { BISHOP_STEPS, tabulateRays } from '../board';
import { createRandom } from '../shared';
import { buildLineTables } from './lineAttacks';

const tables = buildLineTables();

/** What the table says a slant piece reaches, worked out as the search board does it. */
function slantReach(square: number, occLo: number, occHi: number): [number, number] {
  const reach = (mask: Int32Array, table: Int32Array) => {
    const men = (occLo & (mask[square * 2] ?? 0)) | (occHi & (mask[square * 2 + 1] ?? 0));
    const at = ((square << 6) | ((Math.imul(men, 0x01010101) >>> 25) & 63)) << 1;
    return [table[at] ?? 0, table[at + 1] ?? 0] as const;
  };
  const one = reach(tables.diagonalMask, tables.diagonal);
  const other = reach(tables.counterMask, tables.counter);
  return [one[0] | other[0], one[1] | other[1]];
}

/** Walks the rays of the empty board up to the first man: the slow twin. */
function walkReach(
  square: number,
  steps: typeof BISHOP_STEPS,
  isMan: (square: number) => boolean,
): [number, number] {
  let lo = 0;
  let hi = 0;
  for (const ray of tabulateRays(steps)[square] ?? []) {
    for (const target of ray) {
      if (target < 32) lo |= 1 << target;
      else hi |= 1 << (target & 31);
      if (isMan(target)) break;
    }
  }
  return [lo, hi];
}

test('from every square, among random men, the tables agree with a walk along the rays', () => {
  const random = createRandom(17);
  for (let board = 0; board < 40; board += 1) {
    const occLo = (random() * 4294967296) & (random() * 4294967296);
    const occHi = (random() * 4294967296) & (random() * 4294967296);
    const isMan = (square: number) => (((square < 32 ? occLo : occHi) >>> (square & 31)) & 1) === 1;
    for (let square = 0; square < 64; square += 1) {
      expect(slantReach(square, occLo, occHi)).toEqual(walkReach(square, BISHOP_STEPS, isMan));
    }
  }
});

test('the rank table knows the first man on either side', () => {
  // From the c-file with men on a, b, e and h: reaches b, d and e.
  const inner = ((1 << 1) | (1 << 4)) >> 1;
  expect(tables.rank[2 * 64 + inner]).toBe((1 << 1) | (1 << 3) | (1 << 4));
});
