/**
 * Families of capturing, on boards without kings; en passant is another lesson. `captures`: every man that can be taken now, none
 * forgotten. `free-men`: every man that can be taken so that nobody takes back on its square (the first grade of safe).
 */
import { opponentOf, type Square } from '../board';
import { listAttackers, listLawfulReach, type PositionDraft } from '../rules';
import { getRole } from './lessonBoard';
import { wander } from './looseMoves';
import { defineTheirMen, listMen } from './theirMen';
import type { Note } from './verdict';

export const capturesFamily = defineTheirMen({
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

export const freeMenFamily = defineTheirMen({
  id: 'free-men',
  stage: 'capturing',
  skill: 'safe-captures',
  levels: 4,
  question: ({ turn }) => ({ code: 'free-men', turn }),
  listRight: (draft) => listMen(draft, opponentOf(draft.turn), (square) => isFree(draft, square)),
  noteExtra(draft, square): Note {
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

/** Own men that can take on the square. */
function listTakers(draft: PositionDraft, square: Square): Square[] {
  return listMen(draft, draft.turn, (from) => listLawfulReach(draft, from).some(({ to }) => to === square));
}

function isFree(draft: PositionDraft, square: Square): boolean {
  return listTakers(draft, square).some((taker) => listTakingBack(draft, square, taker).length === 0);
}

/** Their men that attack the square once our man stands on it. */
function listTakingBack(draft: PositionDraft, square: Square, taker: Square): Square[] {
  return listAttackers(wander(draft, { from: taker, to: square }).board, square, opponentOf(draft.turn));
}
