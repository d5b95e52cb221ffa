/** Written moves: what they mean, and how they should be written. */
import type { NoteOf } from '@/core/exercises';
import type { NotationDiagnosis } from '@/core/notation';
import type { NoteWord, NoteWords } from '../../family';
import { reasonText } from '../../notation';
import type { Terms } from '../../terms';

type WrittenNote = NoteOf<'write-move'>;
type ByCode<Code> = Extract<WrittenNote, { code: Code }>;

/** What to look at, without giving the move away. */
const remarkTexts = (terms: Terms): Readonly<Partial<Record<NotationDiagnosis, string>>> => ({
  'missing-capture': `it ${terms.many('capture')} something.`,
  'missing-check': 'it gives check.',
  'missing-mate': 'it is mate.',
  'reversed-coordinates': 'the letter comes first.',
});

export const unreadableNote = (terms: Terms): NoteWord<ByCode<'unreadable'>> => ({
  text: ({ reason }, { board, turn = 'white' }) => reasonText({ board, turn }, reason, terms),
  mistake: 'write something that cannot be read',
});

export const usuallyWrittenNotes: { readonly 'usually-written': NoteWord<ByCode<'usually-written'>> } = {
  'usually-written': { text: ({ san }) => `We write it ${san}.`, mistake: 'write it in another way' },
};

export const writtenNotes = (terms: Terms): NoteWords<WrittenNote> => ({
  unreadable: unreadableNote(terms),
  'writes-another': {
    text: ({ san }) => `That would be ${san}, another move.`,
    mistake: 'write another move',
  },
  'still-differs': {
    text: ({ remark, text }) =>
      remark === undefined
        ? `${text} is not it yet.`
        : `${text}: ${remarkTexts(terms)[remark] ?? 'not written correctly yet.'}`,
    mistake: 'do not find the writing mistake',
  },
  ...usuallyWrittenNotes,
});
