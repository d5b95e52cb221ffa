import { createHash } from 'node:crypto';
import type { ExerciseTask } from '@/core/exercises';

/** The same family and task have the same key; it fits the column whatever the size of the task. */
export function makeTaskKey({ family, task }: ExerciseTask): string {
  return createHash('sha256')
    .update(JSON.stringify([family, task]))
    .digest('hex');
}
