import { makeSquareName } from '@/core/board';
import type { MakeFamilyWords } from '../family';
import { nobodyThereNotes } from './shared/squareNotes';
import { notAskedNote } from './shared/mateNotes';

export const words: MakeFamilyWords<'spare-men'> = (terms) => ({
  name: 'What is not needed?',
  levels: ['One spare piece.', 'Two.', 'Three.', 'Four, on a full board.'],
  rule: `Take each piece off in your head. Can the ${terms.one('king')} get out then?`,
  question: (question) =>
    `It is mate. Which ${question.side} pieces and ${terms.many('pawn')} are not needed? Tap them all.`,
  notes: {
    ...nobodyThereNotes,
    'not-asked': notAskedNote(terms),
    'is-needed': {
      text: ({ square, role }) => `${makeSquareName(square)}: without the ${terms.one(role)} it is not mate.`,
      mistake: 'think a needed piece is not needed',
    },
    'is-spare': {
      text: ({ square, role }) =>
        `${makeSquareName(square)}: without the ${terms.one(role)} it is still mate.`,
      mistake: 'overlook a piece that is not needed',
    },
  },
});
