/**
 * What to expect of a set in a class. Question: how many of its mates will a child get right at once, and how long will it sit over them?
 *
 * The chances come from the ratings, the times from what children of the class needed for mates of the same length, the median of the
 * whole time they spent; for a length the class has hardly met, from those of the club. Where too little is known, nothing is said.
 */
import { expectScore, type Rating } from './rating';

/** The whole time a child spent over one mate, all its tries together. */
export interface SpentTime {
  readonly mateInMoves: number;
  readonly spentMs: number;
}

export interface SetForecast {
  /** Mates of the set a child of the class gets right at once, the mean of all; undefined where no child's strength is known. */
  readonly rightAtOnce: number | undefined;
  /** Children whose strength is known. */
  readonly children: number;
  /** For one child and all mates; undefined where some length has hardly been answered yet. */
  readonly spentMs: number | undefined;
  /** Answers the time is told from. */
  readonly answers: number;
}

/** Fewer times of a length say nothing. */
const LEAST_TIMES = 3;

export function forecastSet(
  mates: readonly { readonly mateInMoves: number; readonly rating: Rating }[],
  children: readonly Rating[],
  times: readonly SpentTime[],
  clubTimes: readonly SpentTime[],
): SetForecast {
  const sum = (values: readonly number[]) => values.reduce((total, value) => total + value, 0);
  const chances = children.map((child) => sum(mates.map(({ rating }) => expectScore(child, rating))));
  const lengths = [...new Set(mates.map(({ mateInMoves }) => mateInMoves))];
  const told = new Map(
    lengths.map((length) => {
      const own = timesOf(times, length);
      return [length, own.length >= LEAST_TIMES ? own : timesOf(clubTimes, length)] as const;
    }),
  );
  const areKnown = [...told.values()].every(({ length }) => length >= LEAST_TIMES);
  return {
    rightAtOnce: children.length === 0 ? undefined : sum(chances) / children.length,
    children: children.length,
    spentMs: areKnown
      ? sum(mates.map(({ mateInMoves }) => medianOf(told.get(mateInMoves) ?? [])))
      : undefined,
    answers: sum([...told.values()].map(({ length }) => length)),
  };
}

const timesOf = (times: readonly SpentTime[], length: number) =>
  times.filter(({ mateInMoves }) => mateInMoves === length).map(({ spentMs }) => spentMs);

function medianOf(values: readonly number[]): number {
  return values.toSorted((one, other) => one - other)[Math.floor(values.length / 2)] ?? 0;
}
