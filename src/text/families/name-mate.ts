import type { MakeFamilyWords } from '../family';
import { findPatternName, PATTERN_NAMES } from '../patternNames';
import { SIDE_WORDS } from '../words';
import { givesCheckReasons } from './shared/reasons';
import { manOn } from './shared/squares';

export const words: MakeFamilyWords<'name-mate'> = (terms) => ({
  name: 'What is it called?',
  levels: [
    'Two names, bare pictures.',
    'Four names, some extra pieces.',
    'All mates, five names.',
    'A full board, six names.',
  ],
  rule: `Who gives check? Who guards the squares round the ${terms.one('king')}? What is in the ${terms.one('king')}’s way?`,
  question: (question) =>
    `${SIDE_WORDS[question.turn]} has given ${terms.one('checkmate')}. What is this mate called?`,
  options: (option) => findPatternName(option) ?? option,
  reasons: {
    ...givesCheckReasons,
    'is-called': ({ pattern, role, square }) =>
      `It is called: ${PATTERN_NAMES[pattern]}. The ${manOn(role, square, terms)} gives it.`,
  },
});
