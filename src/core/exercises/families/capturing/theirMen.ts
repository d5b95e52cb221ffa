/**
 * What families have in common that ask to tap men of the other side: the board is a draft without need of kings, every right man
 * counts, and a mark where none of their men stands is explained the same way everywhere.
 */
import { z } from 'zod/mini';
import { opponentOf, type Square } from '../../../board';
import type { PositionDraft } from '../../../rules';
import { defineFamily, type Level } from '../../family/family';
import { getDraft } from '../../../notation';
import { boardTextSchema, noteNotTheirs, sceneOfTheirs, type NotTheirsNote } from '../../family/lessonBoard';
import type { FamilyQuestion } from '../../family/question';
import type { Stage } from '../../family/stages';
import { compareMarks, tapHints, tapSquares } from '../../answers/tap';
import type { FamilyNote } from '../../family/note';

export interface BoardTask {
  readonly fen: string;
}

interface TheirMen<Question extends FamilyQuestion, Note extends FamilyNote> {
  readonly id: string;
  readonly stage: Stage;
  readonly skill: string;
  readonly levels: Level;
  readonly question: (draft: PositionDraft) => Question;
  /** Every right man, in ascending order; there may be none. */
  readonly listRight: (draft: PositionDraft) => Square[];
  /** Why one of their men is not right, or is. */
  readonly noteExtra: (draft: PositionDraft, square: Square) => Note;
  readonly noteMissed: (draft: PositionDraft, square: Square) => Note;
  readonly measure: (own: number, others: number) => number;
}

export function defineTheirMen<Question extends FamilyQuestion, Note extends FamilyNote>(
  parts: TheirMen<Question, Note>,
) {
  const { id, stage, skill, levels, listRight } = parts;
  return defineFamily<BoardTask, 'tap', Question, NotTheirsNote | Note>({
    id,
    version: 1,
    stage,
    skill,
    levels,
    answerMode: 'tap',
    taskSchema: z.object({ fen: boardTextSchema }),
    question: ({ fen }) => parts.question(getDraft(fen)),
    scene: ({ fen }) => sceneOfTheirs(fen),
    ask: () => ({ kind: 'tap', isSingle: false, labels: [] }),
    solution: ({ fen }) => tapSquares(listRight(getDraft(fen))),
    judge({ fen }, answer) {
      const draft = getDraft(fen);
      return compareMarks(
        listRight(draft),
        answer,
        (square) => noteNotTheirs(draft, square) ?? parts.noteExtra(draft, square),
        (square) => parts.noteMissed(draft, square),
      );
    },
    measure({ fen }) {
      const { board, turn } = getDraft(fen);
      const count = (side: typeof turn) => board.filter((man) => man?.side === side).length;
      return parts.measure(count(turn), count(opponentOf(turn)));
    },
    hints: ({ fen }) => tapHints(listRight(getDraft(fen))),
  });
}

/** The squares of one side's men that this says yes to. */
export function listMen(
  { board }: PositionDraft,
  side: PositionDraft['turn'],
  isRight: (square: Square) => boolean,
): Square[] {
  return board.flatMap((man, square) => (man?.side === side && isRight(square) ? [square] : []));
}
