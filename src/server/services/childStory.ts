/** What there is to tell of a child over time: by week, by class and term, its rating, its mistakes, its own games. */
import dayjs from 'dayjs';
import type { StudentId } from '@/contracts/ids';
import type { AnswerSum, ChildStory } from '@/contracts/progress';
import type { Chance } from '@/core/proof';
import { getPosition } from '@/core/notation';
import { countMistakes, listClassSums, listHourSums, listOwnGames } from '../data/childStory';
import { listRatingSteps } from '../data/ratings';
import type { Db } from '../db';
import { dayIn } from './today';

export async function getChildStory(db: Db, studentId: StudentId, timeZone: string): Promise<ChildStory> {
  const [hours, classes, steps, mistakes, games] = await Promise.all([
    listHourSums(db, studentId),
    listClassSums(db, studentId),
    listRatingSteps(db, studentId),
    countMistakes(db, studentId),
    listOwnGames(db, studentId),
  ]);
  const mondays = makeMondays(timeZone);
  return {
    weeks: fillWeeks(groupBy(hours, ({ at }) => mondays(at))),
    classes,
    ratings: [...groupBy(steps, ({ answeredAt }) => mondays(answeredAt))].flatMap(([monday, some]) => {
      const last = some.at(-1);
      return last === undefined
        ? []
        : [{ monday, value: last.value, deviation: last.deviation, answers: some.length }];
    }),
    mistakes,
    games: countChances(games),
  };
}

/** The Monday of the week a moment lies in where the club is; hours are looked up once. */
function makeMondays(timeZone: string): (at: Date) => string {
  const known = new Map<number, string>();
  return (at) => {
    const hour = Math.floor(at.getTime() / 3_600_000);
    const found = known.get(hour);
    if (found !== undefined) return found;
    const day = dayjs(dayIn(timeZone, at));
    const monday = day.subtract((day.day() + 6) % 7, 'day').format('YYYY-MM-DD');
    known.set(hour, monday);
    return monday;
  };
}

function groupBy<Item>(items: readonly Item[], keyOf: (item: Item) => string): Map<string, Item[]> {
  const groups = new Map<string, Item[]>();
  for (const item of items) groups.set(keyOf(item), [...(groups.get(keyOf(item)) ?? []), item]);
  return new Map([...groups].sort(([a], [b]) => dayjs(a).valueOf() - dayjs(b).valueOf()));
}

/** Ten years: longer than anybody is a child, however odd a stored moment may be. */
const MOST_WEEKS = 520;

/** A week without an answer is told as such, so that weeks beside each other on a chart are; of too many, the newest. */
function fillWeeks(groups: ReadonlyMap<string, readonly AnswerSum[]>): ChildStory['weeks'] {
  const [first, last] = [[...groups.keys()][0], [...groups.keys()].at(-1)];
  if (first === undefined || last === undefined) return [];
  // Counted, not compared: as text the year 10000 comes before 2026.
  const count = Math.min(MOST_WEEKS, dayjs(last).diff(first, 'week') + 1);
  return Array.from({ length: count }, (_, index) => {
    const monday = dayjs(last)
      .subtract(count - 1 - index, 'week')
      .format('YYYY-MM-DD');
    return { monday, ...addUp(groups.get(monday) ?? []) };
  });
}

function addUp(sums: readonly AnswerSum[]): AnswerSum {
  const total = (of: keyof AnswerSum) => sums.reduce((sum, one) => sum + one[of], 0);
  return { answers: total('answers'), right: total('right'), spentMs: total('spentMs') };
}

/** Only what was the child's to take: chances at its own turn. */
function countChances(games: Awaited<ReturnType<typeof listOwnGames>>): ChildStory['games'] {
  const own: Chance[] = games.flatMap(({ side, chances }) =>
    chances.filter(({ fen }) => side === undefined || getPosition(fen).turn === side),
  );
  const count = (isCounted: (chance: Chance) => boolean) => own.filter(isCounted).length;
  const mates = (became: string) => count((one) => one.kind === 'mate' && one.became === became);
  const gains = (became: string) => count((one) => one.kind === 'gain' && one.became === became);
  return {
    games: games.map(({ gameId, title }) => ({ gameId, title })),
    mates: { played: mates('played'), slower: mates('slower'), missed: mates('missed') },
    gains: { played: gains('played'), missed: gains('missed') },
    losses: count(({ kind }) => kind === 'loss'),
    mated: count(({ kind }) => kind === 'mated'),
  };
}
