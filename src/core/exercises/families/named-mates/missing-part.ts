/**
 * Family `missing-part`: a man of either side is missing, a helper or one that takes a square from its own king. Which part of the picture it
 * is, is for the student to find.
 */
import type { PatternId } from '../../../patterns';
import { z } from 'zod/mini';
import { getMan, ROLES, SIDES, type Side } from '../../../board';
import { getDraft } from '../../../notation';
import { defineFamily } from '../../family/family';
import {
  countMen,
  gapShape,
  isFilledBy,
  judgeAdded,
  matingSideOf,
  PARTS,
  sceneOfGap,
  solve,
  type AddedNote,
} from './missing';

const manShape = z.object({ side: z.enum(SIDES), role: z.enum(ROLES) });

const missingPartShape = z.object({
  ...gapShape,
  man: manShape,
  tray: z.array(manShape).check(z.minLength(2)),
});

export type MissingPartTask = z.infer<typeof missingPartShape>;

export interface MissingPartQuestion {
  readonly code: 'missing-part';
  readonly side: Side;
  readonly pattern: PatternId;
}

export const missingPartFamily = defineFamily<MissingPartTask, 'place', MissingPartQuestion, AddedNote>({
  ...PARTS,
  id: 'missing-part',
  levels: 3,
  taskSchema: missingPartShape.check(
    z.refine(
      (task) =>
        task.tray.some((man) => man.side === task.man.side && man.role === task.man.role) &&
        SIDES.every((side) => task.tray.some((man) => man.side === side)) &&
        isFilledBy(task, getMan(task.man.side, task.man.role)),
      'the man does not make the mate, or the tray tells whose it is',
    ),
  ),
  question: ({ fen, id }) => ({ code: 'missing-part', pattern: id, side: matingSideOf(fen) }),
  scene: sceneOfGap,
  ask: ({ tray }) => ({ kind: 'place', tray: tray.map(({ side, role }) => getMan(side, role)) }),
  solution: (task) => solve(task, getMan(task.man.side, task.man.role)),
  judge: (task, answer) => judgeAdded(task, answer, SIDES),
  measure: ({ fen, tray }) => countMen(getDraft(fen)) + 4 * tray.length,
  hints: ({ square }) => [{ kind: 'man', square }],
});
