/**
 * Picks a set from easy to hard out of many puzzles. Question: which ones, so that the first is within reach of all, each is a little
 * harder than the one before, and no idea comes twice?
 *
 * Targets rise in equal steps from one number to the other; for each, one of the nearest few that are left is drawn.
 */
import { pickOne, type Random } from '../shared';

interface Candidate {
  /** How hard it is. */
  readonly number: number;
  /** The same for two puzzles with the same idea. */
  readonly ideaKey: string;
}

/** So many near ones are drawn from, that the same filters can bring other puzzles. */
const NEAREST = 6;

/**
 * Fewer than `count` where there are not as many ideas. Without bounds the rise goes from the tenth to the ninetieth of a hundred
 * candidates.
 */
export function pickRising<Item extends Candidate>(
  candidates: readonly Item[],
  { count, from, to }: { readonly count: number; readonly from?: number; readonly to?: number },
  random: Random,
): Item[] {
  const sorted = candidates.toSorted((one, other) => one.number - other.number);
  const share = (part: number) => sorted[Math.floor(part * (sorted.length - 1))]?.number ?? 0;
  const [first, last] = [from ?? share(0.1), to ?? share(0.9)];
  const picked: Item[] = [];
  const ideas = new Set<string>();
  for (let index = 0; index < count; index += 1) {
    const target = count === 1 ? (first + last) / 2 : first + ((last - first) * index) / (count - 1);
    const near = listNearest(sorted, target, ideas);
    if (near.length === 0) break;
    const next = pickOne(random, near);
    ideas.add(next.ideaKey);
    picked.push(next);
  }
  return picked.sort((one, other) => one.number - other.number);
}

/** From the target outwards, those with an idea already taken left out. */
function listNearest<Item extends Candidate>(
  sorted: readonly Item[],
  target: number,
  ideas: ReadonlySet<string>,
): Item[] {
  const found: Item[] = [];
  let above = sorted.findIndex(({ number }) => number >= target);
  if (above < 0) above = sorted.length;
  let below = above - 1;
  while (found.length < NEAREST && (below >= 0 || above < sorted.length)) {
    const [low, high] = [sorted[below], sorted[above]];
    const isLow = high === undefined || (low !== undefined && target - low.number < high.number - target);
    const next = isLow ? low : high;
    if (isLow) below -= 1;
    else above += 1;
    if (next !== undefined && !ideas.has(next.ideaKey)) found.push(next);
  }
  return found;
}
