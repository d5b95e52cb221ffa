/** What is said of what a child can. */
import { isTelling, parseTopic, type Mastery, type RoundReason } from '@/core/progress';
import { familyName } from './familyTexts';
import { PATTERN_NAMES } from './patternNames';
import { countWords, listWords } from './words';
import type { Terms } from './terms';

/** "Where can it go?", "Mate in 2", "Smothered mate". */
export function topicText(topic: string, terms: Terms): string {
  const parts = parseTopic(topic);
  switch (parts?.kind) {
    case 'family':
      return familyName(parts.family, terms);
    case 'mate':
      return parts.mateInMoves === 5 ? 'Mate in 5 and more' : `Mate in ${parts.mateInMoves}`;
    case 'pattern':
      return PATTERN_NAMES[parts.pattern];
    case undefined:
      return 'Something that is not taught any more';
  }
}

/** "Right about 8 times in 10 (6 to 9), by 14 answers"; "Too early to say, by 1 answer". */
export function masteryText({ mean, low, high, evidence }: Mastery): string {
  if (!isTelling(evidence)) return `Too early to say, by ${countWords(evidence, 'answer')}`;
  const tenths = (share: number) => Math.round(share * 10);
  const span = tenths(low) === tenths(high) ? '' : ` (${tenths(low)} to ${tenths(high)})`;
  return `Right about ${tenths(mean)} times in 10${span}, by ${countWords(evidence, 'answer')}`;
}

/** "6 tasks: 3 to repeat, 2 from your class and 1 new." */
export function nextRoundText(
  parts: readonly { readonly why: RoundReason; readonly count: number }[],
): string {
  const words = {
    due: 'to repeat',
    class: 'from your class',
    stretch: 'new',
  } as const;
  const all = parts.reduce((sum, { count }) => sum + count, 0);
  return `${countWords(all, 'task')}: ${listWords(parts.map(({ why, count }) => `${count} ${words[why]}`))}.`;
}

export const ROUND_REASON_WORDS: Readonly<Record<RoundReason, string>> = {
  due: 'due again',
  class: 'what the class is at',
  stretch: 'something new',
};
