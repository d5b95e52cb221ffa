import type { MakeFamilyWords } from '../family';
import { SIDE_WORDS } from '../words';
import { exchangeReasons } from './shared/reasons';

export const words: MakeFamilyWords<'take-or-leave'> = (terms) => ({
  name: 'Take it or leave it?',
  levels: [
    'One capture or two.',
    'Two pieces attack the square.',
    'Three pieces attack the square.',
    'Four pieces and more.',
  ],
  rule: `Play it through in your head: ${terms.one('capture')}, ${terms.one('capture')} back, ${terms.one('capture')} again. Either side may stop.`,
  question: (question) =>
    `${SIDE_WORDS[question.turn]} plays ${question.move}. What is the result if both sides keep ${terms.doing('capture')} there as long as they like?`,
  options: {
    'wins-men': 'It wins points',
    'comes-out-even': 'It comes out even',
    'loses-men': 'It loses points',
  },
  reasons: exchangeReasons,
});
