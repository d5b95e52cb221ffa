import type { StoredFate } from '@/core/puzzles';
import type { ReasonOf } from '@/core/exercises';
import type { Side } from '@/core/board';
import type { MakeFamilyWords } from '../family';
import { SIDE_WORDS } from '../words';
import { fateText } from '../fates';
import type { Terms } from '../terms';

/** What the move comes to, and the best other one. */
function fatesText(reason: ReasonOf<'signs'>, side: Side, terms: Terms): string {
  const tell = (move: string, fate: StoredFate) =>
    fate.kind === 'open' ? `${move} is open` : `${move} ${fateText(side, fate, terms)}`;
  const gift = reason.isGivenUp ? ` The piece that moved can be ${terms.done('capture')}.` : '';
  return `${tell(reason.move, reason.fate)}. Of the others, ${tell(reason.other, reason.otherFate)}.${gift}`;
}

export const words: MakeFamilyWords<'signs'> = (terms) => ({
  name: 'Which sign has it earned?',
  levels: ['Strong, bad, very bad or no sign?', 'Also not quite good.', 'All signs.'],
  rule: 'Find the best move first. Then count: how many points better or worse is the move played?',
  question: (question) =>
    `${SIDE_WORDS[question.turn]} has played ${question.move}. Which sign has it earned?`,
  options: {
    '!!': '!! better than all others by 2 points or more, and it gives a piece up',
    '!': '! better than all others by 2 points or more',
    '!?': '!? as good as the best, and it gives a piece up',
    '?!': '?! worse than the best by 1 point',
    '?': '? worse than the best by 2 to 4 points',
    '??': '?? worse by 5 points or more, or it allows mate or misses mate',
    none: 'No sign: none of these',
  },
  reasons: { fates: (reason, side) => fatesText(reason, side, terms) },
});
