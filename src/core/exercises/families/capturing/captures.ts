/** Family `captures`: every man that can be captured now, none forgotten, kings or not. A pawn that can be captured en passant
 * alone is another lesson. */
import { opponentOf, type Side } from '../../../board';
import { getRole } from '../../family/lessonBoard';
import { listTakers } from './takers';
import { defineTheirMen, listMen } from './theirMen';
import type { ManNote } from '../../family/note';
import type { MissedNote } from '../movement/reachNotes';

export interface CapturesQuestion {
  readonly code: 'captures';
  readonly turn: Side;
}

export type CapturesNote = ManNote<'not-taken'> | MissedNote;

export const capturesFamily = defineTheirMen<CapturesQuestion, CapturesNote>({
  id: 'captures',
  stage: 'capturing',
  skill: 'captures',
  levels: 4,
  question: ({ turn }) => ({ code: 'captures', turn }),
  listRight: (draft) =>
    listMen(draft, opponentOf(draft.turn), (square) => listTakers(draft, square).length > 0),
  noteExtra: (draft, square) => ({ code: 'not-taken', square, role: getRole(draft, square) }),
  noteMissed(draft, square) {
    const [from = square] = listTakers(draft, square);
    return { code: 'missed', square, from, role: getRole(draft, from) };
  },
  /** Every own man has to be held against every man of the other side. */
  measure: (own, others) => own * others,
});
