import type { MakeFamilyWords } from '../family';
import { capital } from '../terms';
import { reachLevels } from './shared/reach';
import { reachNotes } from './shared/reachNotes';

export const words: MakeFamilyWords<'reach'> = (terms) => ({
  name: 'Where can it go?',
  levels: reachLevels(terms),
  rule: `${capital(terms.many('rook'))} move straight, ${terms.many('bishop')} diagonally, ${terms.many('queen')} both ways, until something is in the way. ${capital(terms.many('king'))} move one step. ${capital(terms.many('knight'))} jump. Land on a piece to ${terms.one('capture')} it.`,
  question: (question) => `Tap every square this ${terms.one(question.role)} can go to.`,
  notes: reachNotes(terms),
});
