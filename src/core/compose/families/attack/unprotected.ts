import { makeTheirMenComposer } from '../capturing/theirMen';

/** Each level has more pieces than the one before. */
export const composeUnprotected = makeTheirMenComposer('unprotected', {
  1: { own: 0, others: 3, least: 1, most: 2 },
  2: { own: 1, others: 5, least: 1, most: 4 },
  3: { own: 3, others: 7, least: 1, most: 6 },
  4: { own: 5, others: 10, least: 1, most: 9 },
});
