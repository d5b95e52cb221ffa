/** What is said of plans and lessons. */
import {
  findLine,
  hasMoreThanMoves,
  type PlanItem,
  type Segment,
  type SegmentKind,
} from '@/contracts/lessons';
import { makeNumberedLine } from '@/core/notation';
import { familyName } from './familyTexts';
import { PATTERN_NAMES } from './patternNames';
import { countWords } from './words';
import type { Terms } from './terms';

export const SEGMENT_WORDS: Readonly<Record<SegmentKind, string>> = {
  show: 'Show',
  ask: 'Ask',
  practise: 'Practise',
  play: 'Play',
  homework: 'Homework',
};

/** "Ask: why not the other rook? 8 minutes": a segment in one line. */
export function segmentText({ kind, title, minutes }: Pick<Segment, 'kind' | 'title' | 'minutes'>): string {
  const head = title === '' ? SEGMENT_WORDS[kind] : `${SEGMENT_WORDS[kind]}: ${title}`;
  return `${head}, ${countWords(minutes, 'minute')}`;
}

export const WEEKDAY_WORDS = [
  'Monday',
  'Tuesday',
  'Wednesday',
  'Thursday',
  'Friday',
  'Saturday',
  'Sunday',
] as const;

/** "Tuesday 6 October". */
export function shortDayText(day: string): string {
  const parts = new Intl.DateTimeFormat('en-GB', {
    weekday: 'long',
    day: 'numeric',
    month: 'long',
    timeZone: 'UTC',
  });
  return parts.format(new Date(`${day}T00:00:00Z`)).replace(',', '');
}

/** One line for a thing a plan holds. */
export function planItemText(
  item: PlanItem,
  setName: (setId: number) => string | undefined,
  terms: Terms,
): string {
  switch (item.kind) {
    case 'position':
      return item.label === '' ? 'A position' : item.label;
    case 'line': {
      const game = findLine(item.pgn);
      const moves =
        game === undefined
          ? ''
          : makeNumberedLine(
              game.start,
              game.line.map(({ move }) => move),
            );
      // Nothing vanishes without a word.
      const left =
        game !== undefined && hasMoreThanMoves(game) ? ' (comments and variations are not shown)' : '';
      return `${item.label === '' ? moves : `${item.label}: ${moves}`}${left}`;
    }
    case 'pattern':
      return PATTERN_NAMES[item.pattern];
    case 'round':
      return `${familyName(item.family, terms)} (level ${item.level}, ${countWords(item.count, 'task')})`;
    case 'set':
      return setName(item.setId) ?? 'A set that is not there any more';
  }
}
