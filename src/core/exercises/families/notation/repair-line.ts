/** Family `repair-line`: the last move of a score sheet is not written correctly. It is written anew. */
import { z } from 'zod/mini';
import { getPosition } from '../../../notation';
import { defineFamily } from '../../family/family';
import { findLegalMove, positionTextSchema } from '../../family/legalTask';
import { RIGHT, wrongFor } from '../../family/verdict';
import { numberSheet } from './scoreText';
import { judgeWriting, measureWritten, openTask, WRITE_PARTS, type NotMeantNote } from './writtenTask';
import type { WrittenNote } from '../../answers/notationWays';

export const repairLineTaskSchema = z
  .object({
    /** The position in which the faulty move was played. */
    fen: positionTextSchema,
    move: z.string(),
    /** What stands before it on the score sheet, and what was written for it. */
    before: z.string(),
    faulty: z.string(),
  })
  .check(
    z.refine((task) => findLegalMove(getPosition(task.fen), task.move) !== undefined, 'not a legal move'),
    z.refine((task) => openTask(task).san !== task.faulty, 'nothing is faulty'),
  );

export type RepairLineTask = z.infer<typeof repairLineTaskSchema>;

export interface RepairLineQuestion {
  readonly code: 'repair-line';
  readonly line: string;
  readonly faulty: string;
}

export const repairLineFamily = defineFamily<
  RepairLineTask,
  'write',
  RepairLineQuestion,
  NotMeantNote | Extract<WrittenNote, { code: 'still-differs' }>
>({
  ...WRITE_PARTS,
  id: 'repair-line',
  skill: 'writing-moves',
  levels: 4,
  taskSchema: repairLineTaskSchema,
  question: ({ fen, before, faulty }) => ({
    code: 'repair-line',
    line: numberSheet(getPosition(fen), before),
    faulty,
  }),
  judge(task, { text }) {
    // It is to be put right: another slip, or the same one, does not do.
    return judgeWriting(task, text, (_, { kind, diagnoses: [remark] }) =>
      kind === 'exact' ? RIGHT : wrongFor([{ code: 'still-differs', remark, text: text.trim() }]),
    );
  },
  /** A square turned round is seen at once; a sign that is missing is not; which of two men takes a look at the board. */
  measure(task) {
    const { san } = openTask(task);
    const isSign = task.faulty.length < san.length;
    const isPlace = /^[KQRBN][a-h1-8]{1,2}x?[a-h][1-8]/.test(san) && isSign;
    return (isPlace ? 30 : isSign ? 15 : 0) + measureWritten(task);
  },
});
