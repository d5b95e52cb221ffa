import type { ExerciseId } from '@/core/exercises';
import type { FamilyWords } from './family';
import type { Terms } from './terms';

/** The words of one family, fetched when they are not there yet. Rejects where they cannot be fetched. */
export async function loadFamilyWords(family: ExerciseId): Promise<(terms: Terms) => FamilyWords> {
  const loaded = (await import(`./families/${family}.ts`)) as {
    readonly words: (terms: Terms) => FamilyWords;
  };
  return loaded.words;
}
