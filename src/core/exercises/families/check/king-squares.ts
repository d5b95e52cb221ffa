/** Family `king-squares`: every square beside a king gets one of three labels: free, own piece or guarded. */
import { z } from 'zod/mini';
import { opponentOf, type Square, type Side } from '../../../board';
import { getDraft } from '../../../notation';
import { findKing, listAttackers, type PositionDraft } from '../../../rules';
import { tapHints } from '../../answers/tap';
import { defineFamily } from '../../family/family';
import { boardTextSchema, sceneOf } from '../../family/lessonBoard';
import type { BoardTask } from '../capturing/theirMen';
import {
  getKing,
  judgeLabels,
  KING_SQUARE_LABELS,
  labelOf,
  listNeighbours,
  type BesideKingNote,
} from './besideKing';

export interface KingSquaresQuestion {
  readonly code: 'king-squares';
  readonly turn: Side;
}

export const kingSquaresFamily = defineFamily<BoardTask, 'tap', KingSquaresQuestion, BesideKingNote>({
  id: 'king-squares',
  version: 1,
  stage: 'check',
  skill: 'flights',
  answerMode: 'tap',
  levels: 4,
  taskSchema: z.object({ fen: boardTextSchema }).check(
    z.refine(({ fen }) => {
      const { board, turn } = getDraft(fen);
      return findKing(board, turn) !== undefined;
    }, 'no king'),
  ),
  question: ({ fen }) => ({ code: 'king-squares', turn: getDraft(fen).turn }),
  scene({ fen }) {
    const draft = getDraft(fen);
    return sceneOf(draft, { bottom: draft.turn, asked: [getKing(draft)] });
  },
  ask: () => ({ kind: 'tap', isSingle: false, labels: KING_SQUARE_LABELS }),
  solution({ fen }) {
    const draft = getDraft(fen);
    return {
      kind: 'tap',
      marks: listNeighbours(draft).map((square) => ({ square, label: labelOf(draft, square) })),
    };
  },
  judge: ({ fen }, answer) => judgeLabels(getDraft(fen), answer, labelOf),
  /** Squares, guarded ones twice, and those behind the king on a line four times. */
  measure({ fen }) {
    const draft = getDraft(fen);
    return listNeighbours(draft).reduce((sum, square) => {
      if (labelOf(draft, square) !== 'guarded') return sum + 1;
      return sum + (isBehindKing(draft, square) ? 4 : 2);
    }, 0);
  },
  hints({ fen }) {
    const draft = getDraft(fen);
    return tapHints(listNeighbours(draft).filter((square) => labelOf(draft, square) === 'free'));
  },
});

/** Guarded only by lines that go on through the king. */
function isBehindKing(draft: PositionDraft, square: Square): boolean {
  return listAttackers(draft.board, square, opponentOf(draft.turn)).length === 0;
}
