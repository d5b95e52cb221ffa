/**
 * How well is something known, by the answers to it? The one measure behind stages and topics.
 *
 * A result is between 0 and 1: right at the first try 1, right with help 0.6, right at a later try 0.3, never right 0. The newest count most:
 * each older one weighs nine tenths of the one after it, and no more than twenty are looked at. Between what the mean may lie is Wilson's
 * interval (1927) over the summed weights, for a doubt of one in ten on each side. The figures are ours, common practice being "nearly always
 * right, lately, several times".
 */
export const RESULTS = { atOnce: 1, withHelp: 0.6, later: 0.3, never: 0 } as const;

/** Results that are looked at. */
export const MOST_WEIGHED = 20;
const AGEING = 0.9;
/** The standard normal quantile of nine tenths. */
const Z = 1.2816;
const MASTERED_FROM = 0.8;
const REPEATED_BELOW = 0.5;
/** One or two answers say nothing yet. */
export const LEAST_TELLING = 3;

/** How well something is known, and between what that may lie: all 0 to 1. */
export interface Mastery {
  readonly mean: number;
  readonly low: number;
  readonly high: number;
  /** Results it is weighed from. */
  readonly evidence: number;
}

/** not-begun: no answer; begun: on the way; repeat: enough was tried, and little of it came right; can: mastered. */
export type MasteryState = 'not-begun' | 'begun' | 'repeat' | 'can';

/** Results with the newest first. */
export function weighResults(results: readonly number[]): Mastery {
  const newest = results.slice(0, MOST_WEIGHED);
  let sum = 0;
  let weights = 0;
  for (const [age, result] of newest.entries()) {
    const weight = AGEING ** age;
    sum += weight * result;
    weights += weight;
  }
  const mean = weights === 0 ? 0 : sum / weights;
  return { mean, ...wilson(mean, weights, Z), evidence: newest.length };
}

/** What it is called; less evidence than `least` says nothing. */
export function masteryStateOf(
  { mean, evidence }: Pick<Mastery, 'mean' | 'evidence'>,
  least: number,
): MasteryState {
  if (evidence === 0) return 'not-begun';
  if (evidence < least) return 'begun';
  if (mean >= MASTERED_FROM) return 'can';
  return mean < REPEATED_BELOW ? 'repeat' : 'begun';
}

export const isTelling = (evidence: number): boolean => evidence >= LEAST_TELLING;

/** Wilson's score interval for a share that was seen in so many trials, which may be no whole number. */
export function wilson(
  share: number,
  trials: number,
  z: number,
): { readonly low: number; readonly high: number } {
  if (trials === 0) return { low: 0, high: 1 };
  const square = z * z;
  const centre = share + square / (2 * trials);
  const spread = z * Math.sqrt((share * (1 - share)) / trials + square / (4 * trials * trials));
  const divisor = 1 + square / trials;
  return { low: Math.max(0, (centre - spread) / divisor), high: Math.min(1, (centre + spread) / divisor) };
}
