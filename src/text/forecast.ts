/** What a set holds, and what it will be for a class, in words for the coach. */
import type { KnownPattern, SetItem, SetPuzzle } from '@/contracts/sets';
import type { PatternId } from '@/core/patterns';
import type { SetForecast } from '@/core/progress';
import { levelOfNumber } from '@/core/puzzles';
import { PATTERN_NAMES } from './patternNames';
import { countWords, listWords } from './words';

/** What is certain about a set's answers: mates are proved, the rest follows from the board. Empty for an empty set. */
export function setProofText(items: readonly SetItem[]): string {
  if (items.length === 0) return '';
  const mates = items.filter(({ family }) => family === 'mate').length;
  if (mates === items.length) return 'Every mate is proved.';
  const exercises = 'The answers to the exercises are computed from the board.';
  return mates === 0 ? exercises : `Every mate is proved. ${exercises}`;
}

/** "8 mates in 2, 4 mates in 3 and 2 exercises. Levels 2 to 4. Ends in: Smothered mate (3)." */
export function setSummaryText(items: readonly SetItem[]): string {
  const mates = items.filter((item): item is SetPuzzle => item.family === 'mate');
  const lengths = countEach(mates.map(({ mateInMoves }) => mateInMoves)).sort(
    ([one], [other]) => one - other,
  );
  const parts = lengths.map(([length, count]) => `${countWords(count, 'mate')} in ${length}`);
  const exercises = items.length - mates.length;
  if (exercises > 0) parts.push(countWords(exercises, 'exercise'));
  const levels = mates.flatMap(({ rating }) => (rating === undefined ? [] : levelOfNumber(rating.value)));
  const names = countEach(mates.flatMap(({ patterns }) => patterns)).sort(
    ([, one], [, other]) => other - one,
  );
  return [
    `${listWords(parts)}.`,
    ...(levels.length === 0 ? [] : [levelsText(Math.min(...levels), Math.max(...levels))]),
    ...(names.length === 0
      ? []
      : [`Ends in: ${listWords(names.map(([id, count]) => `${nameOf(id)} (${count})`))}.`]),
  ].join(' ');
}

const nameOf = (id: PatternId) => PATTERN_NAMES[id];

function levelsText(least: number, most: number): string {
  return least === most ? `All mates of level ${least}.` : `Mates of levels ${least} to ${most}.`;
}

function countEach<Value>(values: readonly Value[]): [Value, number][] {
  const counts = new Map<Value, number>();
  for (const value of values) counts.set(value, (counts.get(value) ?? 0) + 1);
  return [...counts];
}

/** What to expect of the mates of a set in a class. `mates` is how many there are. */
export function forecastText(forecast: SetForecast, mates: number, className: string): string {
  if (mates === 0) return '';
  const { rightAtOnce, children, spentMs, answers } = forecast;
  const right =
    rightAtOnce === undefined
      ? `No child of ${className} has answered a mate yet, so nothing can be said of its chances.`
      : `A child in ${className} will probably get about ${Math.round(rightAtOnce)} of ${countWords(mates, 'mate')} right first time (based on ${countWords(children, 'child', 'children')})`;
  if (rightAtOnce === undefined) return right;
  return spentMs === undefined
    ? `${right}; how long it takes is not known yet.`
    : `${right} and need about ${countWords(Math.max(1, Math.round(spentMs / 60_000)), 'minute')} (based on ${countWords(answers, 'answer')}).`;
}

/** What the class has shown of the named mates a set ends in; nothing where it ends in none. */
export function knownText(
  known: readonly KnownPattern[],
  patterns: readonly PatternId[],
  className: string,
): string {
  if (patterns.length === 0) return '';
  const met = known.map(
    ({ pattern, answers, right }) => `${nameOf(pattern)} (${right} of ${answers} right first time)`,
  );
  const fresh = patterns.filter((id) => !known.some(({ pattern }) => pattern === id)).map(nameOf);
  return [
    ...(met.length === 0 ? [] : [`${className} has met ${listWords(met)}.`]),
    ...(fresh.length === 0 ? [] : [`New to it: ${listWords(fresh)}.`]),
  ].join(' ');
}
