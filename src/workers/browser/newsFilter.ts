import type { Progress } from '../protocol';

/** A screen needs no more news than this; messages cost more than the search between them. */
const NEWS_EVERY_MS = 60;

/** Does this kind bring something that no later one says again? */
const IS_KEPT: Readonly<Record<Progress['kind'], boolean>> = {
  // Each finished depth of a fate table, positions and games that were read.
  fates: true,
  import: true,
  harvest: true,
  // How far it has come, or all there is so far.
  proof: false,
  nodes: false,
  puzzles: false,
  stairs: false,
  harvesting: false,
};

/** Says of one question's news after another which are passed on: all that would be lost, of the others those with some time between. */
export function createNewsFilter(): (progress: Progress) => boolean {
  let lastMs = -Infinity;
  return (progress) => {
    if (!IS_KEPT[progress.kind] && progress.ms - lastMs < NEWS_EVERY_MS) return false;
    lastMs = progress.ms;
    return true;
  };
}
