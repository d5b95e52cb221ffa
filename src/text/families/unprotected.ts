import { makeSquareName } from '@/core/board';
import type { MakeFamilyWords } from '../family';
import { notTheirsNotes } from './shared/squareNotes';
import { manOn } from './shared/squares';

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
  notes: {
    ...notTheirsNotes,
    protected: {
      text: ({ square, role, by, byRole }) =>
        `${makeSquareName(square)}: the ${manOn(byRole, by, terms)} protects the ${terms.one(role)}.`,
      mistake: 'overlook a protector',
    },
    'king-not-asked': {
      text: ({ square }) =>
        `${makeSquareName(square)}: a ${terms.one('king')} is not asked about. Nobody may ${terms.one('capture')} it.`,
      mistake: `ask who protects the ${terms.one('king')}`,
    },
    unprotected: {
      text: ({ square, role }) => `${makeSquareName(square)}: nobody protects the ${terms.one(role)}.`,
      mistake: 'overlook an unprotected piece',
    },
  },
});
