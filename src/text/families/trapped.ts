import { makeSquareName } from '@/core/board';
import type { MakeFamilyWords } from '../family';
import { notTheirsNotes } from './shared/squareNotes';
import { notAskedNote } from './shared/mateNotes';

export const words: MakeFamilyWords<'trapped'> = (terms) => ({
  name: 'What is trapped?',
  levels: ['One of four pieces.', 'Six pieces.', 'Nine pieces.'],
  rule: `Ask of each piece: where can it go? Could it be ${terms.done('capture')} there?`,
  question: (question) => `Tap every ${question.side} piece that has no safe square to go to.`,
  notes: {
    ...notTheirsNotes,
    'not-asked': notAskedNote(terms),
    'has-no-way': {
      text: ({ square, role }) => `${makeSquareName(square)}: the ${terms.one(role)} has no safe square.`,
      mistake: 'overlook a trapped piece',
    },
    'has-a-way': {
      text: ({ square, role, target }) =>
        `${makeSquareName(square)}: the ${terms.one(role)} can go to ${makeSquareName(target)}.`,
      mistake: 'overlook a safe square',
    },
  },
});
