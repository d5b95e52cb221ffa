import type { MakeFamilyWords } from '../family';
import { writtenNotes } from './shared/writtenNotes';

export const words: MakeFamilyWords<'keep-score'> = (terms) => ({
  name: 'Keep the score',
  levels: ['Two moves of each side.', 'Four moves of each side.', 'Seven moves of each side.'],
  rule: 'Letter of the piece, x for a capture, the square, + for check.',
  question: () => 'Write down each move that is played.',
  notes: {
    ...writtenNotes(terms),
    'sheet-differs': {
      text: ({ number, text, san }) =>
        `${number} ${text === '' ? 'is missing' : `"${text}"`}: played was ${san}.`,
      mistake: 'write a different move from the one played',
    },
  },
});
