import { parseFen } from '@/core/notation';
import { EMPTY_DRAFT, type PositionDraft } from '@/core/rules';

/** The board of a task's text, which was parsed before it came here; an empty one else. */
export function getPlacement(fen: string): PositionDraft {
  const draft = parseFen(fen);
  return draft.ok ? draft.value : EMPTY_DRAFT;
}
