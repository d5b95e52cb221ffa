import type { MakeFamilyWords } from '../family';
import { capital } from '../terms';
import { SIDE_WORDS } from '../words';

export const words: MakeFamilyWords<'free-men'> = (terms) => ({
  name: `What is free to ${terms.one('capture')}?`,
  levels: [
    'One piece to look from.',
    'Two pieces.',
    'Three pieces.',
    `Five pieces, and eight that can be ${terms.done('capture')} or not.`,
  ],
  rule: `${capital(terms.one('capture'))} it in your head. Can anybody ${terms.one('capture')} back?`,
  question: (question) =>
    `Tap everything that ${SIDE_WORDS[question.turn]} can ${terms.one('capture')} for free: nobody can ${terms.one('capture')} back.`,
});
