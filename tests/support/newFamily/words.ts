import type { FamilyWords, Terms } from '@/text';
import type { CountPawnsQuestion } from './family';

export const words = (terms: Terms): FamilyWords<CountPawnsQuestion> => ({
  name: 'How many little ones?',
  levels: ['A few of them.'],
  rule: `Go along each ${terms.one('rank')} and count.`,
  question: () => `How many ${terms.many('pawn')} are on the board?`,
});
