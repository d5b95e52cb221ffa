import type { MakeFamilyWords } from '../family';

export const words: MakeFamilyWords<'trapped'> = (terms) => ({
  name: 'What is trapped?',
  levels: ['One of four pieces.', 'Six pieces.', 'Nine pieces.'],
  rule: `Ask of each piece: where can it go? Could it be ${terms.done('capture')} there?`,
  question: (question) => `Tap every ${question.side} piece that has no safe square to go to.`,
});
