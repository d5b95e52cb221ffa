/** What a set will be for a class, from what its children have answered. */
import type { ClassId, ClubId } from '@/contracts/ids';
import type { KnownPattern, SetPuzzle } from '@/contracts/sets';
import { forecastSet, type Rating, type SetForecast } from '@/core/progress';
import { listKnownPatterns, listSpentTimes } from '../data/experience';
import { listClassRatings } from '../data/ratings';
import type { Db } from '../db';

/** Older times say little of the children of today. */
const MOST_TIMES = 500;

/** `puzzles` are the mates of the set. */
export async function forecastForClass(
  db: Db,
  clubId: ClubId,
  classId: ClassId,
  puzzles: readonly SetPuzzle[],
): Promise<{ readonly forecast: SetForecast; readonly known: readonly KnownPattern[] }> {
  const isKnown = (rating: Rating | undefined): rating is Rating => rating !== undefined;
  const mates = puzzles.flatMap(({ mateInMoves, rating }) =>
    rating === undefined ? [] : [{ mateInMoves, rating }],
  );
  const patterns = [...new Set(puzzles.flatMap((puzzle) => puzzle.patterns))];
  const children = (await listClassRatings(db, classId)).filter(isKnown);
  const times = await listSpentTimes(db, { classId }, MOST_TIMES);
  const clubTimes = await listSpentTimes(db, { clubId }, MOST_TIMES);
  return {
    forecast: forecastSet(mates, children, times, clubTimes),
    known: patterns.length === 0 ? [] : await listKnownPatterns(db, classId, patterns),
  };
}
