import type { ExerciseId } from '@/core/exercises';
import { familyWords, PLAIN_TERMS } from '@/text';

/** What is said of a family in the field's own words. */
export const plainWords = (family: ExerciseId) => familyWords(family, PLAIN_TERMS);
