import type { MakeFamilyWords } from '../family';
import { SIDE_WORDS } from '../words';
import { roleOptions } from './shared/roles';
import { besideKingNotes } from './shared/kingNotes';

export const words: MakeFamilyWords<'who-takes'> = (terms) => ({
  name: 'Who guards its squares?',
  levels: ['The first mates, bare.', 'All mates.', 'A full board, three kinds of piece.'],
  rule: `Go round the ${terms.one('king')} square by square: is its own piece there, or which enemy piece guards it?`,
  question: (question) =>
    `It is ${terms.one('checkmate')}. Mark every square beside ${SIDE_WORDS[question.turn]}'s ${terms.one('king')}: which piece keeps the ${terms.one('king')} off it?`,
  options: { 'own-man': 'Own piece', ...roleOptions(terms) },
  notes: besideKingNotes(terms),
});
