/** Family `pawn-moves`: where one pawn can go or capture, en passant included (FIDE Laws of Chess, article 3.7). */
import { z } from 'zod/mini';
import { fileOf, rankOf, type Square, type Role } from '../../../board';
import { getDraft } from '../../../notation';
import type { PositionDraft } from '../../../rules';
import { defineFamily } from '../../family/family';
import { sceneOf } from '../../family/lessonBoard';
import {
  listTargets,
  REACH_PARTS,
  reachTaskSchema,
  TAP_PARTS,
  type ReachTask,
  type ReachNote,
} from '../movement/reachTask';

export interface PawnMovesQuestion {
  readonly code: 'pawn-moves';
  readonly role: Role;
}

export const pawnMovesFamily = defineFamily<ReachTask, 'tap', PawnMovesQuestion, ReachNote>({
  id: 'pawn-moves',
  skill: 'pawns',
  ...REACH_PARTS,
  ...TAP_PARTS,
  stage: 'capturing',
  levels: 4,
  taskSchema: reachTaskSchema.check(
    z.refine(({ fen, square }) => getDraft(fen).board[square]?.role === 'pawn', 'not a pawn'),
  ),
  question: () => ({ code: 'pawn-moves', role: 'pawn' }),
  scene({ fen, square }) {
    const draft = getDraft(fen);
    return sceneOf(draft, { asked: [square], bottom: draft.turn, trace: findLastStep(draft) });
  },
  /** Men close to it, and a pawn that has just passed counts much. */
  measure({ fen, square }) {
    const { board, enPassant } = getDraft(fen);
    const near = board.filter(
      (man, other) =>
        man !== undefined &&
        other !== square &&
        Math.abs(fileOf(other) - fileOf(square)) <= 1 &&
        Math.abs(rankOf(other) - rankOf(square)) <= 2,
    ).length;
    return near + listTargets(fen, square).length + (enPassant === undefined ? 0 : 6);
  },
});

/** The double step that lets a pawn be taken in passing. */
function findLastStep({ enPassant, turn }: PositionDraft): { from: Square; to: Square } | undefined {
  if (enPassant === undefined) return undefined;
  const forward = turn === 'white' ? 8 : -8;
  return { from: enPassant + forward, to: enPassant - forward };
}
