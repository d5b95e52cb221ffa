/**
 * Family `unprotected`: their men that none of their own protects. That a protector might be pinned is another lesson. A king
 * protects, and is not asked about.
 */
import { opponentOf, type Square, type Side } from '../../../board';
import { listAttackers, type PositionDraft } from '../../../rules';
import { getRole } from '../../family/lessonBoard';
import { defineTheirMen, listMen } from '../capturing/theirMen';
import type { ByNote, ManNote, SquareNote } from '../../family/note';

export interface UnprotectedQuestion {
  readonly code: 'unprotected';
  readonly side: Side;
}

export type UnprotectedNote = ByNote<'protected'> | ManNote<'unprotected'> | SquareNote<'king-not-asked'>;

export const unprotectedFamily = defineTheirMen<UnprotectedQuestion, UnprotectedNote>({
  id: 'unprotected',
  stage: 'attack',
  skill: 'protection',
  levels: 4,
  question: ({ turn }) => ({ code: 'unprotected', side: opponentOf(turn) }),
  listRight: (draft) =>
    listMen(
      draft,
      opponentOf(draft.turn),
      (square) => draft.board[square]?.role !== 'king' && listProtectors(draft, square).length === 0,
    ),
  noteExtra(draft, square): UnprotectedNote {
    if (draft.board[square]?.role === 'king') return { code: 'king-not-asked', square };
    const [by] = listProtectors(draft, square);
    if (by === undefined) throw new Error('a man that was marked too much has a protector');
    return { code: 'protected', square, role: getRole(draft, square), by, byRole: getRole(draft, by) };
  },
  noteMissed: (draft, square) => ({ code: 'unprotected', square, role: getRole(draft, square) }),
  /** Every man of the other side is held against every other one, and own men stand in the lines. */
  measure: (own, others) => others * (others - 1) + own,
});

function listProtectors({ board, turn }: PositionDraft, square: Square): Square[] {
  return listAttackers(board, square, opponentOf(turn));
}
