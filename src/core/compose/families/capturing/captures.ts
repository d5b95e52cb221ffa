import { makeTheirMenComposer } from './theirMen';

/** Each level has more pieces than the one before. */
export const composeCaptures = makeTheirMenComposer('captures', {
  1: { own: 1, others: 4, least: 1, most: 2 },
  2: { own: 2, others: 5, least: 2, most: 3 },
  3: { own: 3, others: 6, least: 2, most: 4 },
  4: { own: 5, others: 8, least: 3, most: 6 },
});
