/** A number that is not the right one. */
import type { NoteOf } from '@/core/exercises';
import type { NoteWords } from '../../family';

export const numberNotes: NoteWords<NoteOf<'count-reach'>> = {
  'too-many': { text: () => 'That is too many.', mistake: 'count too many' },
  'too-few': { text: () => 'There are more.', mistake: 'count too few' },
};
