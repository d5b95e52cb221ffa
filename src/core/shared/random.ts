/** A source of numbers in [0, 1): the core takes one as a parameter and never calls Math.random. */
export type Random = () => number;

/**
 * Seeded numbers, the same sequence for the same seed on every machine.
 * Source: the public-domain mulberry32 generator by Tommy Ettinger (from memory); 2^32 states, enough for
 * demo data and tests, not for secrets.
 */
export function createRandom(seed: number): Random {
  let state = seed | 0;
  return () => {
    state = (state + 0x6d2b79f5) | 0;
    let mixed = Math.imul(state ^ (state >>> 15), 1 | state);
    mixed = (mixed + Math.imul(mixed ^ (mixed >>> 7), 61 | mixed)) ^ mixed;
    return ((mixed ^ (mixed >>> 14)) >>> 0) / 4294967296;
  };
}

/** A whole number from 0 up to but not including `bound`. */
export function randomBelow(random: Random, bound: number): number {
  return Math.floor(random() * bound);
}

/** One element of a non-empty list; throws on an empty one. */
export function pickOne<Item>(random: Random, items: readonly Item[]): Item {
  const item = items[randomBelow(random, items.length)];
  if (item === undefined) throw new Error('pickOne needs a non-empty list');
  return item;
}
