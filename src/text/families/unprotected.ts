import type { MakeFamilyWords } from '../family';

export const words: MakeFamilyWords<'unprotected'> = (terms) => ({
  name: 'What is unprotected?',
  levels: [
    'Three pieces.',
    'Five pieces.',
    'Seven pieces, some blocking their own side.',
    'Ten pieces, some blocking their own side.',
  ],
  rule: `Ask of each piece: who could ${terms.one('capture')} back?`,
  question: (question) => `Tap every ${question.side} piece and ${terms.one('pawn')} that nobody protects.`,
});
