/**
 * Family `trapped`: their pieces that cannot go anywhere without being captured there (the first grade of safe). Pawns are not asked about.
 * Boards without kings.
 */
import { opponentOf, type Square, type Side } from '../../../board';
import { listAttackers, listLawfulReach, type PositionDraft } from '../../../rules';
import { getRole } from '../../family/lessonBoard';
import type { ManNote, TargetNote } from '../../family/note';
import { defineTheirMen, listMen } from '../capturing/theirMen';
import { wander } from '../movement/looseMoves';

export interface TrappedQuestion {
  readonly code: 'trapped';
  readonly side: Side;
}

export type TrappedNote = ManNote<'not-asked' | 'has-no-way'> | TargetNote<'has-a-way'>;

export const trappedFamily = defineTheirMen<TrappedQuestion, TrappedNote>({
  id: 'trapped',
  stage: 'attack',
  skill: 'safe-squares',
  levels: 3,
  question: ({ turn }) => ({ code: 'trapped', side: opponentOf(turn) }),
  listRight: (draft) =>
    listMen(
      draft,
      opponentOf(draft.turn),
      (square) => draft.board[square]?.role !== 'pawn' && findSafeSquare(draft, square) === undefined,
    ),
  noteExtra(draft, square): TrappedNote {
    const role = getRole(draft, square);
    const target = role === 'pawn' ? undefined : findSafeSquare(draft, square);
    return target === undefined
      ? { code: 'not-asked', square, role }
      : { code: 'has-a-way', square, role, target };
  },
  noteMissed: (draft, square) => ({ code: 'has-no-way', square, role: getRole(draft, square) }),
  measure: (own, others) => own * others,
});

/** A square one of their men can go to without being taken there. */
function findSafeSquare(draft: PositionDraft, from: Square): Square | undefined {
  const theirs = { ...draft, turn: opponentOf(draft.turn) };
  return listLawfulReach(theirs, from).find(
    (move) => listAttackers(wander(theirs, move).board, move.to, draft.turn).length === 0,
  )?.to;
}
