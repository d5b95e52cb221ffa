/**
 * Family `free-men`: every man that can be captured so that nobody captures back on its square (the first grade of safe), kings or not.
 */
import { opponentOf, type Square, type Side } from '../../../board';
import type { PositionDraft } from '../../../rules';
import { getRole } from '../../family/lessonBoard';
import type { ByNote, ManNote } from '../../family/note';
import { listThreats } from '../movement/looseMoves';
import { listTakers } from './takers';
import { defineTheirMen, listMen } from './theirMen';
import type { MissedNote } from '../movement/reachNotes';

export interface FreeMenQuestion {
  readonly code: 'free-men';
  readonly turn: Side;
}

export type FreeMenNote = ManNote<'not-taken'> | ByNote<'takes-back'> | MissedNote;

export const freeMenFamily = defineTheirMen<FreeMenQuestion, FreeMenNote>({
  id: 'free-men',
  stage: 'capturing',
  skill: 'safe-captures',
  levels: 4,
  question: ({ turn }) => ({ code: 'free-men', turn }),
  listRight: (draft) => listMen(draft, opponentOf(draft.turn), (square) => isFree(draft, square)),
  noteExtra(draft, square): FreeMenNote {
    const role = getRole(draft, square);
    const [taker] = listTakers(draft, square);
    if (taker === undefined) return { code: 'not-taken', square, role };
    const [by] = listTakingBack(draft, square, taker);
    if (by === undefined) throw new Error('a man that is not free is taken back');
    return { code: 'takes-back', square, role: getRole(draft, taker), by, byRole: getRole(draft, by) };
  },
  noteMissed(draft, square) {
    const from = listTakers(draft, square).find((taker) => listTakingBack(draft, square, taker).length === 0);
    return { code: 'missed', square, from: from ?? square, role: getRole(draft, from ?? square) };
  },
  /** For every capture all their men have to be looked at once more. */
  measure: (own, others) => own * others * others,
});

function isFree(draft: PositionDraft, square: Square): boolean {
  return listTakers(draft, square).some((taker) => listTakingBack(draft, square, taker).length === 0);
}

/** Their men that may take back once our man stands on the square. */
function listTakingBack(draft: PositionDraft, square: Square, taker: Square): Square[] {
  return listThreats(draft, { from: taker, to: square });
}
