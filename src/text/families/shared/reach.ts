/** What two families ask of the same boards: where does a piece go, and to how many squares? */
import { capital, type Terms } from '../../terms';

export const reachLevels = (terms: Terms): readonly string[] => [
  `${capital(terms.a('rook'))} or ${terms.one('bishop')}, alone.`,
  `${capital(terms.a('king'))}, ${terms.one('queen')} or ${terms.one('knight')}, alone.`,
  'Pieces of its own side in the way.',
  `Pieces in the way and pieces to ${terms.one('capture')}; ${terms.many('pawn')} too.`,
  'A full board.',
];
