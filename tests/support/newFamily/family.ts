/** A family that is not one of ours, written as the recipe of CONTRIBUTING says: how many pawns are on the board? */
import { z } from 'zod/mini';
import { compareNumber } from '@/core/exercises/answers/number';
import { defineFamily } from '@/core/exercises/family/family';
import { boardTextSchema, sceneOf } from '@/core/exercises/family/lessonBoard';
import { getDraft } from '@/core/notation';

const taskSchema = z.object({ fen: boardTextSchema });
export type CountPawnsTask = z.infer<typeof taskSchema>;

export interface CountPawnsQuestion {
  readonly code: 'count-pawns';
}

const countPawns = ({ fen }: CountPawnsTask) =>
  getDraft(fen).board.filter((man) => man?.role === 'pawn').length;

export const countPawnsFamily = defineFamily<CountPawnsTask, 'number', CountPawnsQuestion>({
  id: 'count-pawns',
  version: 1,
  stage: 'board',
  skill: 'counting',
  answerMode: 'number',
  levels: 1,
  taskSchema,
  question: () => ({ code: 'count-pawns' }),
  scene: ({ fen }) => sceneOf(getDraft(fen)),
  ask: () => ({ kind: 'number', least: 0, most: 16 }),
  solution: (task) => ({ kind: 'number', value: countPawns(task) }),
  judge: (task, answer) => compareNumber(countPawns(task), answer),
  measure: countPawns,
  hints: (task) => [{ kind: 'count', count: countPawns(task) }],
});
