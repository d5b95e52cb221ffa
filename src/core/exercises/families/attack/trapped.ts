/**
 * Family `trapped`: their pieces that cannot go anywhere without being captured there (the first grade of safe), kings or not. Pawns and
 * kings are not asked about.
 */
import { opponentOf, type Square, type Side } from '../../../board';
import { listLawfulReach, type PositionDraft } from '../../../rules';
import { getRole } from '../../family/lessonBoard';
import type { ManNote, TargetNote } from '../../family/note';
import { defineTheirMen, listMen } from '../capturing/theirMen';
import { listThreats } from '../movement/looseMoves';

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
      (square) => isAsked(draft, square) && findSafeSquare(draft, square) === undefined,
    ),
  noteExtra(draft, square): TrappedNote {
    const role = getRole(draft, square);
    const target = isAsked(draft, square) ? findSafeSquare(draft, square) : undefined;
    return target === undefined
      ? { code: 'not-asked', square, role }
      : { code: 'has-a-way', square, role, target };
  },
  noteMissed: (draft, square) => ({ code: 'has-no-way', square, role: getRole(draft, square) }),
  measure: (own, others) => own * others,
});

/** Knight, bishop, rook or queen. */
function isAsked({ board }: PositionDraft, square: Square): boolean {
  const role = board[square]?.role;
  return role !== 'pawn' && role !== 'king';
}

/** A square one of their men can go to without being taken there. */
function findSafeSquare(draft: PositionDraft, from: Square): Square | undefined {
  const theirs = { ...draft, turn: opponentOf(draft.turn) };
  return listLawfulReach(theirs, from).find((move) => listThreats(theirs, move).length === 0)?.to;
}
