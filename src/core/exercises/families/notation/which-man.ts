/** Family `which-man`: a move is written. Which of the pieces that look alike makes it? */
import type { Side, Square } from '../../../board';
import { z } from 'zod/mini';
import { getPosition, makeSan } from '../../../notation';
import { listLegalMoves } from '../../../rules';
import { compareMarks, tapSquares } from '../../answers/tap';
import { defineFamily } from '../../family/family';
import { sceneOfPosition } from '../../family/legalTask';
import { openTask, PARTS, writtenTaskSchema, type WrittenTask } from './writtenTask';
import type { SquareNote } from '../../family/note';

export interface WhichManQuestion {
  readonly code: 'which-man';
  readonly turn: Side;
  readonly san: string;
}

export type WhichManNote =
  | SquareNote<'nobody-there'>
  /** Another man of its kind: how its own move would be written, if it has one. */
  | {
      readonly code: 'man-not-meant';
      readonly square: Square;
      readonly san: string;
      readonly would: string | undefined;
    }
  | { readonly code: 'man-meant'; readonly square: Square; readonly san: string };

export const whichManFamily = defineFamily<WrittenTask, 'tap', WhichManQuestion, WhichManNote>({
  ...PARTS,
  id: 'which-man',
  skill: 'reading-moves',
  answerMode: 'tap',
  levels: 3,
  taskSchema: writtenTaskSchema.check(
    z.refine((task) => listSameMen(task).length > 1, 'only one man can go there'),
  ),
  question: (task) => ({ code: 'which-man', turn: getPosition(task.fen).turn, san: openTask(task).san }),
  scene: ({ fen }) => sceneOfPosition(fen, { bottom: 'white' }),
  ask: () => ({ kind: 'tap', isSingle: true, labels: [] }),
  solution: (task) => tapSquares([openTask(task).move.from]),
  judge(task, answer) {
    const { position, move, san } = openTask(task);
    return compareMarks(
      [move.from],
      answer,
      (square) => {
        const other = listLegalMoves(position).find(({ from, to }) => from === square && to === move.to);
        return { code: 'man-not-meant', square, san, would: other && makeSan(position, other) };
      },
      (square) => ({ code: 'man-meant', square, san }),
    );
  },
  measure: (task) => 10 * (openTask(task).san.replace(/[+#x]/g, '').length - 3) + listSameMen(task).length,
  hints: (task) =>
    listSameMen(task)
      .slice(0, 1)
      .map((square) => ({ kind: 'man', square })),
});

/** Own men of the same kind that can go to the same square. */
function listSameMen(task: WrittenTask) {
  const { position, move } = openTask(task);
  const role = position.board[move.from]?.role;
  return listLegalMoves(position)
    .filter(({ from, to }) => to === move.to && position.board[from]?.role === role)
    .map(({ from }) => from);
}
