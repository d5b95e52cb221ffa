import { checkPosition, type Position, type PositionDraft } from '../rules';
import { parseFen } from './fen';

/** The position of a FEN; undefined when the text is none or the position is impossible. For the reasons ask both steps. */
export function findPosition(fen: string): Position | undefined {
  const draft = parseFen(fen);
  const checked = draft.ok ? checkPosition(draft.value) : draft;
  return checked.ok ? checked.value : undefined;
}

/** The same for a stored task: only checked positions are ever stored, so anything else is a bug and throws. */
export function getPosition(fen: string): Position {
  const position = findPosition(fen);
  if (position === undefined) throw new Error(`stored as a position, but it is none: ${fen}`);
  return position;
}

/** The board of a stored exercise, which need not be a position of a game; text that is no FEN is a bug and throws. */
export function getDraft(fen: string): PositionDraft {
  const draft = parseFen(fen);
  if (!draft.ok) throw new Error(`stored as a board, but it is none: ${fen}`);
  return draft.value;
}
