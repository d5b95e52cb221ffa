/** Family `missing-man`: a man of the side that mates is missing. It is put back where it makes the mate of this name. */
import type { PatternId } from '../../../patterns';
import { z } from 'zod/mini';
import { getMan, ROLES, type Side } from '../../../board';
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

const missingManShape = z.object({
  ...gapShape,
  role: z.enum(ROLES),
  /** The men there are to choose from. */
  tray: z.array(z.enum(ROLES)).check(z.minLength(1)),
});

export type MissingManTask = z.infer<typeof missingManShape>;

export interface MissingManQuestion {
  readonly code: 'missing-man';
  readonly side: Side;
  readonly pattern: PatternId;
}

export const missingManFamily = defineFamily<MissingManTask, 'place', MissingManQuestion, AddedNote>({
  ...PARTS,
  id: 'missing-man',
  levels: 4,
  taskSchema: missingManShape.check(
    z.refine(
      (task) => task.tray.includes(task.role) && isFilledBy(task, getMan(matingSideOf(task.fen), task.role)),
      'the man does not make the mate',
    ),
  ),
  question: ({ fen, id }) => ({ code: 'missing-man', pattern: id, side: matingSideOf(fen) }),
  scene: sceneOfGap,
  ask: ({ fen, tray }) => ({ kind: 'place', tray: tray.map((role) => getMan(matingSideOf(fen), role)) }),
  solution: (task) => solve(task, getMan(matingSideOf(task.fen), task.role)),
  judge: (task, answer) => judgeAdded(task, answer, [matingSideOf(task.fen)]),
  measure: ({ fen, tray }) => countMen(getDraft(fen)) + 4 * tray.length,
  hints: ({ tray, role, square }) => [
    ...(tray.length > 1
      ? [{ kind: 'not-this' as const, option: tray.find((one) => one !== role) ?? role }]
      : []),
    { kind: 'man', square },
  ],
});
