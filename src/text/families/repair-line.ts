import type { MakeFamilyWords } from '../family';
import { writtenNotes } from './shared/writtenNotes';

export const words: MakeFamilyWords<'repair-line'> = (terms) => ({
  name: 'Put the score sheet right',
  levels: [
    'Number before letter.',
    'A capture without its x.',
    'A check without its sign.',
    'Two pieces can go there, and the move does not say which.',
  ],
  rule: 'Compare what is written with the move: piece, x, square, sign, and which of two pieces.',
  question: (question) =>
    `The score sheet says: ${question.line} ${question.faulty}. The last move is not written correctly. Write it correctly.`,
  notes: writtenNotes(terms),
});
