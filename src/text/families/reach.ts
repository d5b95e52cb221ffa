import type { MakeFamilyWords } from '../family';
import { capital } from '../terms';

export const words: MakeFamilyWords<'reach'> = (terms) => ({
  name: 'Where can it go?',
  levels: [
    `${capital(terms.a('rook'))} or ${terms.one('bishop')}, alone.`,
    `${capital(terms.a('king'))}, ${terms.one('queen')} or ${terms.one('knight')}, alone.`,
    'Pieces of its own side in the way.',
    `Pieces in the way and pieces to ${terms.one('capture')}; ${terms.many('pawn')} too.`,
    'A full board.',
  ],
  rule: `${capital(terms.many('rook'))} move straight, ${terms.many('bishop')} diagonally, ${terms.many('queen')} both ways, until something is in the way. ${capital(terms.many('king'))} move one step. ${capital(terms.many('knight'))} jump. Land on a piece to ${terms.one('capture')} it.`,
  question: (question) => `Tap every square this ${terms.one(question.role)} can go to.`,
});
