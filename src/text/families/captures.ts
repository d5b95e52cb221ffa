import type { MakeFamilyWords } from '../family';
import { SIDE_WORDS } from '../words';
import { notTheirsNotes } from './shared/squareNotes';
import { missedNote } from './shared/reachNotes';
import { notTakenNote } from './shared/attackNotes';

export const words: MakeFamilyWords<'captures'> = (terms) => ({
  name: `What can you ${terms.one('capture')}?`,
  levels: [
    'One piece to look from.',
    'Two pieces to look from.',
    'Three pieces.',
    `Five pieces, and eight that can be ${terms.done('capture')} or not.`,
  ],
  rule: 'Go through your pieces one by one. Where can each one go? Who is there?',
  question: (question) =>
    `Tap every piece and ${terms.one('pawn')} that ${SIDE_WORDS[question.turn]} can ${terms.one('capture')}.`,
  notes: { ...notTheirsNotes, missed: missedNote(terms), 'not-taken': notTakenNote(terms) },
});
