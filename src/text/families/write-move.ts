import type { MakeFamilyWords } from '../family';
import { capital } from '../terms';
import { SIDE_WORDS } from '../words';
import { writtenNotes } from './shared/writtenNotes';

export const words: MakeFamilyWords<'write-move'> = (terms) => ({
  name: 'Write the move',
  levels: [
    'A plain move.',
    'A capture.',
    'A check, or castling.',
    'Several signs at once.',
    'Two pieces can go there.',
  ],
  rule: `The letter of the piece, x for a capture, the square. Then + for check or # for mate. ${capital(terms.a('pawn'))} has no letter.`,
  question: (question) => `${SIDE_WORDS[question.turn]} plays the move that is shown. Write it.`,
  notes: writtenNotes(terms),
});
