/** What a set will be for a class, from what its children have answered. */
import type { ClassId } from '@/contracts/ids';
import type { KnownPattern, SetPuzzle } from '@/contracts/sets';
import { forecastSet, type Rating, type SetForecast } from '@/core/progress';
import { listKnownPatterns, listSpentTimes } from '../data/attempts';
import { listClassRatings } from '../data/ratings';
import type { Db } from '../db';

/** Older times say little of the children of today. */
const MOST_TIMES = 500;

/** `puzzles` are the mates of the set. */
export async function forecastForClass(
  db: Db,
  classId: ClassId,
  puzzles: readonly SetPuzzle[],
): Promise<{ readonly forecast: SetForecast; readonly known: readonly KnownPattern[] }> {
  const isKnown = (rating: Rating | undefined): rating is Rating => rating !== undefined;
  const mates = puzzles.flatMap(({ mateInMoves, rating }) =>
    rating === undefined ? [] : [{ mateInMoves, rating }],
  );
  const patterns = [...new Set(puzzles.flatMap((puzzle) => puzzle.patterns))];
  const children = (await listClassRatings(db, classId)).filter(isKnown);
  return {
    forecast: forecastSet(mates, children, await listSpentTimes(db, classId, MOST_TIMES)),
    known: patterns.length === 0 ? [] : await listKnownPatterns(db, classId, patterns),
  };
}
