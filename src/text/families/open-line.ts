import { makeSquareName } from '@/core/board';
import type { MakeFamilyWords } from '../family';
import { nobodyThereNotes } from './shared/squareNotes';
import { notAskedNote } from './shared/mateNotes';

export const words: MakeFamilyWords<'open-line'> = (terms) => ({
  name: 'What is in the way?',
  levels: ['A bare picture.', 'More pieces around.', 'A full board.'],
  rule: `Look along the lines that lead to the ${terms.one('king')}. Which piece of your own is in the way?`,
  question: (question) =>
    `Take one ${question.side} piece or ${terms.one('pawn')} away and it is mate. Tap it.`,
  notes: {
    ...nobodyThereNotes,
    'not-asked': notAskedNote(terms),
    'not-in-the-way': {
      text: ({ square, role }) =>
        `${makeSquareName(square)}: without the ${terms.one(role)} it is not mate either.`,
      mistake: 'remove the wrong piece',
    },
    'stands-in-the-way': {
      text: ({ square, role }) => `${makeSquareName(square)}: without the ${terms.one(role)} it is mate.`,
      mistake: 'overlook the piece in the way',
    },
  },
});
