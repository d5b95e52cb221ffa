/** A family that is not one of ours, written as the recipe of CONTRIBUTING says: how many pawns are on the board? */
import { z } from 'zod/mini';
import { compareNumber, type NumberNote } from '@/core/exercises/answers/number';
import { defineFamily } from '@/core/exercises/family/family';
import { boardTextSchema, sceneOf } from '@/core/exercises/family/lessonBoard';
import { wrongFor } from '@/core/exercises/family/verdict';
import { getDraft } from '@/core/notation';

const taskSchema = z.object({ fen: boardTextSchema });
export type CountPawnsTask = z.infer<typeof taskSchema>;

export interface CountPawnsQuestion {
  readonly code: 'count-pawns';
}

const countPawns = ({ fen }: CountPawnsTask) =>
  getDraft(fen).board.filter((man) => man?.role === 'pawn').length;

/** A note of its own: every piece was counted. */
export type CountPawnsNote = NumberNote | { readonly code: 'counts-pieces-too'; readonly pieces: number };

const countMen = ({ fen }: CountPawnsTask) => getDraft(fen).board.filter((man) => man !== undefined).length;

export const countPawnsFamily = defineFamily<CountPawnsTask, 'number', CountPawnsQuestion, CountPawnsNote>({
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
  judge(task, answer) {
    const [pawns, men] = [countPawns(task), countMen(task)];
    return answer.value === men && men > pawns
      ? wrongFor([{ code: 'counts-pieces-too', pieces: men - pawns }])
      : compareNumber(pawns, answer);
  },
  measure: countPawns,
  hints: (task) => [{ kind: 'count', count: countPawns(task) }],
});
