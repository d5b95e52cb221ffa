import type { MakeFamilyWords } from '../family';
import { capital } from '../terms';

export const words: MakeFamilyWords<'count-reach'> = (terms) => ({
  name: 'How many squares?',
  levels: [
    `${capital(terms.a('rook'))} or ${terms.one('bishop')}, alone.`,
    `${capital(terms.a('king'))}, ${terms.one('queen')} or ${terms.one('knight')}, alone.`,
    'Pieces of its own side in the way.',
    `Pieces in the way and pieces to ${terms.one('capture')}; ${terms.many('pawn')} too.`,
    'A full board.',
  ],
  rule: `Go along each line to its end and count. A piece you can ${terms.one('capture')} counts. Your own piece does not.`,
  question: (question) => `How many squares can this ${terms.one(question.role)} go to?`,
});
