import { createHash } from 'node:crypto';
import type { ClubId, TaskId } from '@/contracts/ids';
import { getExerciseFamily, type ExerciseTask } from '@/core/exercises';
import { findOrCreateExercise } from '../data/tasks';
import type { Db } from '../db';

/** The club's task that asks exactly this, stored now when it is not there yet. */
export function storeExercise(db: Db, clubId: ClubId, exercise: ExerciseTask): Promise<TaskId> {
  const { version: familyVersion, skill } = getExerciseFamily(exercise.family);
  return findOrCreateExercise(db, clubId, { ...exercise, familyVersion, skill }, makeTaskKey(exercise));
}

/** The same family and task have the same key; it fits the column whatever the size of the task. */
export function makeTaskKey({ family, task }: ExerciseTask): string {
  return createHash('sha256')
    .update(JSON.stringify([family, task]))
    .digest('hex');
}
