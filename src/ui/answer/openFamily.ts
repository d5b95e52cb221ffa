import { loadFamily, type ExerciseId, type OpenableFamily } from '@/core/exercises';

const opened = new Map<ExerciseId, Promise<OpenableFamily>>();

/** The family, fetched once. What could not be fetched is tried again the next time. */
export function openFamily(id: ExerciseId): Promise<OpenableFamily> {
  const known = opened.get(id);
  if (known !== undefined) return known;
  const loading = loadFamily(id);
  opened.set(id, loading);
  loading.catch(() => opened.delete(id));
  return loading;
}
