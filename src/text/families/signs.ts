import type { MakeFamilyWords } from '../family';
import { SIDE_WORDS } from '../words';

export const words: MakeFamilyWords<'signs'> = () => ({
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
});
