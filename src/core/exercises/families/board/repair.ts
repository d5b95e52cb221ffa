/** Family `repair`: a set-up with slips in it is put right. */
import { z } from 'zod/mini';
import { SIDES, type Side } from '../../../board';
import { getDraft } from '../../../notation';
import { INITIAL_POSITION } from '../../../rules';
import { defineFamily } from '../../family/family';
import { boardTextSchema, sceneOf } from '../../family/lessonBoard';
import { comparePlaced, initialMen, placeMen, trayOf, type PlacedNote } from './placedMen';

export const repairTaskSchema = z
  .object({ fen: boardTextSchema, slips: z.int().check(z.minimum(1), z.maximum(3)) })
  .check(z.refine(({ fen }) => countWrong(fen) > 0, 'nothing is wrong'));

export type RepairTask = z.infer<typeof repairTaskSchema>;

export interface RepairQuestion {
  readonly code: 'repair';
  readonly sides: readonly Side[];
  readonly areOfficersOnly: boolean;
  readonly slips: number;
}

export const repairFamily = defineFamily<RepairTask, 'place', RepairQuestion, PlacedNote>({
  id: 'repair',
  version: 1,
  stage: 'board',
  skill: 'set-up',
  answerMode: 'place',
  levels: 3,
  taskSchema: repairTaskSchema,
  question: ({ slips }) => ({ code: 'repair', sides: SIDES, areOfficersOnly: false, slips }),
  scene: ({ fen }) => sceneOf(getDraft(fen), { turn: undefined }),
  ask: () => ({ kind: 'place', tray: trayOf(SIDES) }),
  solution: () => placeMen(initialMen(SIDES)),
  judge: (_, answer) => comparePlaced(initialMen(SIDES), answer),
  measure: ({ slips, fen }) => slips * 100 + countWrong(fen),
  hints({ fen }) {
    const { board } = getDraft(fen);
    const square = board.findIndex((man, at) => man !== INITIAL_POSITION.board[at]);
    return [{ kind: 'man', square }];
  },
});

function countWrong(fen: string): number {
  return getDraft(fen).board.filter((man, square) => man !== INITIAL_POSITION.board[square]).length;
}
