/** Corrects what is believed of a puzzle and of a child by an answer. */
import type { StudentId, TaskId } from '@/contracts/ids';
import { rateAnswer, scoreFirstAnswer } from '@/core/progress';
import { lockStudentRating, lockTaskRating, storeRatings } from '../data/ratings';
import type { Db } from '../db';

/** A child's first answer to a task; where the task is no mate, nothing is rated. Part of the caller's transaction. */
export interface FirstAnswer {
  readonly taskId: TaskId;
  readonly studentId: StudentId;
  readonly isRight: boolean;
  readonly hints: number;
}

/** The puzzle's row is always locked before the child's, so that two answers never wait for each other. */
export async function rateFirstAnswer(db: Db, answer: FirstAnswer): Promise<void> {
  const { taskId, studentId } = answer;
  const puzzle = await lockTaskRating(db, taskId);
  if (puzzle === undefined) return;
  const after = rateAnswer(puzzle, await lockStudentRating(db, studentId), scoreFirstAnswer(answer));
  await storeRatings(db, { taskId, rating: after.puzzle }, { studentId, rating: after.child });
}
