/** Family `write-move`: a move is shown, it is written. */
import type { Side } from '../../../board';
import { getPosition } from '../../../notation';
import { judgeRead, USUAL_WAYS, type WrittenNote } from '../../answers/notationWays';
import { defineFamily } from '../../family/family';
import { judgeWriting, WRITE_PARTS, type WrittenTask, type NotMeantNote } from './writtenTask';

export interface WriteMoveQuestion {
  readonly code: 'write-move';
  readonly turn: Side;
}

export const writeMoveFamily = defineFamily<
  WrittenTask,
  'write',
  WriteMoveQuestion,
  NotMeantNote | WrittenNote
>({
  ...WRITE_PARTS,
  id: 'write-move',
  skill: 'writing-moves',
  levels: 5,
  question: ({ fen }) => ({ code: 'write-move', turn: getPosition(fen).turn }),
  judge(task, { text }) {
    return judgeWriting(task, text, (position, read) =>
      judgeRead(position, read, text, task.ways ?? USUAL_WAYS),
    );
  },
});
