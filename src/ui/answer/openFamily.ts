import { loadFamily, type ExerciseId, type OpenableFamily } from '@/core/exercises';
import type { FamilyWords, Terms } from '@/text';
import { loadFamilyWords } from '@/text/loadFamilyWords';

/** A family with what is said of it. */
export interface OpenedFamily {
  readonly family: OpenableFamily;
  readonly makeWords: (terms: Terms) => FamilyWords;
}

const opened = new Map<ExerciseId, Promise<OpenedFamily>>();

/** The family, fetched once. What could not be fetched is tried again the next time. */
export function openFamily(id: ExerciseId): Promise<OpenedFamily> {
  const known = opened.get(id);
  if (known !== undefined) return known;
  const loading = Promise.all([loadFamily(id), loadFamilyWords(id)]).then(([family, makeWords]) => ({
    family,
    makeWords,
  }));
  opened.set(id, loading);
  loading.catch(() => opened.delete(id));
  return loading;
}
