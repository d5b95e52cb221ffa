import type { MakeFamilyWords } from '../family';
import { capital } from '../terms';
import { reachNotes } from './shared/reachNotes';

export const words: MakeFamilyWords<'pawn-moves'> = (terms) => ({
  name: `What may the ${terms.one('pawn')} do?`,
  levels: [
    'Straight moves only.',
    `Something to ${terms.one('capture')}.`,
    'Many pieces around it.',
    `Another ${terms.one('pawn')} has just passed it: ${terms.one('in-passing')}.`,
  ],
  rule: `${capital(terms.a('pawn'))} moves one step straight, or two from its first square. It ${terms.many('capture')} diagonally.`,
  question: () => `Tap every square this ${terms.one('pawn')} can move to or ${terms.one('capture')} on.`,
  notes: reachNotes(terms),
});
