import type { MakeFamilyWords } from '../family';
import { SIDE_WORDS } from '../words';
import { noMateNotes } from './shared/playNotes';

export const words: MakeFamilyWords<'mate-in-one'> = (terms) => ({
  name: 'Mate in one move',
  levels: [
    `A bare ${terms.one('king')}.`,
    'Few moves to choose from.',
    'More moves and more checks.',
    'A full board with many checks.',
  ],
  rule: `Look at every check: can the ${terms.one('king')} move, can the piece be ${terms.done('capture')}, can something go between?`,
  question: (question) => `${SIDE_WORDS[question.turn]} to move. Give mate in one move.`,
  isTurnSaid: true,
  notes: noMateNotes(terms),
});
