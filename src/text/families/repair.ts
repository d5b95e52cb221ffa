import type { MakeFamilyWords } from '../family';
import { countWords } from '../words';
import { placedNotes } from './shared/placedNotes';

export const words: MakeFamilyWords<'repair'> = (terms) => ({
  name: 'Put the board right',
  levels: ['One slip.', 'Two slips.', 'Three slips.'],
  rule: `Go round from corner to corner: ${terms.one('rook')}, ${terms.one('knight')}, ${terms.one('bishop')}, ${terms.one('queen')}, ${terms.one('king')}, ${terms.one('bishop')}, ${terms.one('knight')}, ${terms.one('rook')}.`,
  question: (question) =>
    `${countWords(question.slips, 'thing')} ${question.slips === 1 ? 'is' : 'are'} wrong. Put the board right.`,
  notes: placedNotes(terms),
});
