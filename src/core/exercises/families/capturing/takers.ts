import type { Square } from '../../../board';
import { listLawfulReach, type PositionDraft } from '../../../rules';
import { listMen } from './theirMen';

/** Own men that can take on the square. */
export function listTakers(draft: PositionDraft, square: Square): Square[] {
  return listMen(draft, draft.turn, (from) => listLawfulReach(draft, from).some(({ to }) => to === square));
}
