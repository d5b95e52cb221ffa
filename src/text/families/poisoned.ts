import type { MakeFamilyWords } from '../family';
import { capital } from '../terms';
import { countWords, SIDE_WORDS } from '../words';
import { matesReasons, exchangeReasons } from './shared/reasons';

export const words: MakeFamilyWords<'poisoned'> = (terms) => ({
  name: 'Is it poisoned?',
  levels: ['Few answers to look at.', 'More answers.', 'A full board.'],
  rule: `${capital(terms.one('capture'))} it in your head. Now look at every check and every capture they have.`,
  question: (question) =>
    `${SIDE_WORDS[question.turn]} plays ${question.move} and wins ${countWords(question.gain, 'point')} on that square. What can ${SIDE_WORDS[question.turn === 'white' ? 'black' : 'white']} do then?`,
  options: {
    'allows-mate': `Give ${terms.one('checkmate')} at once`,
    'loses-more': 'Win more on another square',
    'take-it': 'Nothing as big: the capture is good',
  },
  reasons: {
    ...matesReasons,
    ...exchangeReasons,
    'nothing-against': () => `They have no mate at once, and nothing else to ${terms.one('capture')}.`,
  },
});
