/** A line that is told to its end: where it breaks, and where it stops too soon. */
import type { NoteOf } from '@/core/exercises';
import type { NoteWord, NoteWords } from '../../family';
import { notLegalNotes } from './playNotes';

export const breakNotes: NoteWords<NoteOf<'give-up'>> = {
  ...notLegalNotes,
  'line-breaks': {
    text: ({ number, san, reply }) =>
      reply === undefined ? `${number} ${san} breaks the line.` : `${number} ${san} is met by ${reply}.`,
    mistake: 'begin a line that breaks',
  },
};

export const tooShortNotes: { readonly 'line-too-short': NoteWord<unknown> } = {
  'line-too-short': {
    text: () => 'The line does not end in mate yet.',
    mistake: 'stop before the end of the line',
  },
};
