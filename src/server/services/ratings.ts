/** Corrects what is believed of a puzzle and of a child by an answer. */
import type { StudentId, TaskId } from '@/contracts/ids';
import { NEW_CHILD_RATING, rateAnswer, scoreFirstAnswer } from '@/core/progress';
import { findStudentRating, lockTaskRating, storeRatings } from '../data/ratings';
import type { Db } from '../db';

/** A child's first answer to a task; where the task is no mate, nothing is rated. Part of the caller's transaction. */
export interface FirstAnswer {
  readonly taskId: TaskId;
  readonly studentId: StudentId;
  readonly isRight: boolean;
  readonly hints: number;
}

/** The child's own row of people is locked by whoever stores its answer, so that only the puzzle's rating is shared with others. */
export async function rateFirstAnswer(db: Db, answer: FirstAnswer): Promise<void> {
  const { taskId, studentId } = answer;
  const puzzle = await lockTaskRating(db, taskId);
  if (puzzle === undefined) return;
  const child = (await findStudentRating(db, studentId)) ?? NEW_CHILD_RATING;
  const after = rateAnswer(puzzle, child, scoreFirstAnswer(answer));
  await storeRatings(db, { taskId, rating: after.puzzle }, { studentId, rating: after.child });
}
