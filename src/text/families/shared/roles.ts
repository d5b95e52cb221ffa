import type { Role } from '@/core/board';
import { capital, type Terms } from '../../terms';

/** Pieces to choose from. */
export const roleOptions = (terms: Terms): Readonly<Record<Role, string>> => ({
  king: capital(terms.one('king')),
  queen: capital(terms.one('queen')),
  rook: capital(terms.one('rook')),
  bishop: capital(terms.one('bishop')),
  knight: capital(terms.one('knight')),
  pawn: capital(terms.one('pawn')),
});
