import { makeTheirMenComposer } from '../capturing/theirMen';

/** Each level has more pieces than the one before. */
export const composeTrapped = makeTheirMenComposer('trapped', {
  1: { own: 3, others: 4, least: 1, most: 1 },
  2: { own: 4, others: 6, least: 1, most: 2 },
  3: { own: 5, others: 9, least: 1, most: 3 },
});
