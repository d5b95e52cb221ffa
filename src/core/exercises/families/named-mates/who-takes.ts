/** Family `who-takes`: of a mate, which kind of piece takes each square from the king, or that a piece of its own does. */
import { z } from 'zod/mini';
import { opponentOf, ROLES, type Square, type Side } from '../../../board';
import { getDraft } from '../../../notation';
import { isCheckmate, type PositionDraft } from '../../../rules';
import { tapHints } from '../../answers/tap';
import { defineFamily } from '../../family/family';
import { positionTextSchema } from '../../family/legalTask';
import { getRole, sceneOf } from '../../family/lessonBoard';
import type { BoardTask } from '../capturing/theirMen';
import { getKing, judgeLabels, listGuards, listNeighbours, type BesideKingNote } from '../check/besideKing';

/** What keeps the king off a square: a piece of its own on it, or the kind of piece that guards it. */
function listTakers(draft: PositionDraft, square: Square): string[] {
  if (draft.board[square]?.side === draft.turn) return ['own-man'];
  return [...new Set(listGuards(draft, square).map((by) => getRole(draft, by)))];
}

const takerOf = (draft: PositionDraft, square: Square) => listTakers(draft, square)[0] ?? '';

export interface WhoTakesQuestion {
  readonly code: 'who-takes';
  readonly turn: Side;
}

export const whoTakesFamily = defineFamily<BoardTask, 'tap', WhoTakesQuestion, BesideKingNote>({
  id: 'who-takes',
  version: 1,
  stage: 'named-mates',
  skill: 'ingredients',
  answerMode: 'tap',
  levels: 3,
  taskSchema: z.object({ fen: positionTextSchema }).check(
    z.refine(({ fen }) => {
      const draft = getDraft(fen);
      // Where two kinds of men guard a square, both would be right: such a board is not asked about.
      return (
        isCheckmate(draft) && listNeighbours(draft).every((square) => listTakers(draft, square).length === 1)
      );
    }, 'no mate, or two kinds of men guard one square'),
  ),
  question: ({ fen }) => ({ code: 'who-takes', turn: getDraft(fen).turn }),
  scene({ fen }) {
    const draft = getDraft(fen);
    return sceneOf(draft, { bottom: opponentOf(draft.turn), asked: [getKing(draft)] });
  },
  ask({ fen }) {
    const draft = getDraft(fen);
    const takers = new Set(listNeighbours(draft).map((square) => takerOf(draft, square)));
    return { kind: 'tap', isSingle: false, labels: TAKER_LABELS.filter((label) => takers.has(label)) };
  },
  solution({ fen }) {
    const draft = getDraft(fen);
    return {
      kind: 'tap',
      marks: listNeighbours(draft).map((square) => ({ square, label: takerOf(draft, square) })),
    };
  },
  judge: ({ fen }, answer) => judgeLabels(getDraft(fen), answer, takerOf),
  /** Squares, and men to look at. */
  measure({ fen }) {
    const draft = getDraft(fen);
    return listNeighbours(draft).length + 2 * draft.board.filter((man) => man !== undefined).length;
  },
  hints: ({ fen }) => tapHints(listNeighbours(getDraft(fen))),
});

const TAKER_LABELS: readonly string[] = ['own-man', ...ROLES];
