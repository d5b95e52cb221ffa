/** The squares beside a king: which are free, and who guards the others. */
import { makeSquareName } from '@/core/board';
import type { NoteOf } from '@/core/exercises';
import type { NoteWords } from '../../family';
import type { Terms } from '../../terms';
import { manOn } from './squares';

export const besideKingNotes = (terms: Terms): NoteWords<NoteOf<'king-squares'>> => ({
  'is-free': {
    text: ({ square }) =>
      `${makeSquareName(square)}: nobody guards it, the ${terms.one('king')} may go there.`,
    mistake: 'overlook a free square',
  },
  'is-own-man': {
    text: ({ square }) => `${makeSquareName(square)}: the ${terms.one('king')}’s own piece is there.`,
    mistake: `overlook a piece of the ${terms.one('king')}’s own beside it`,
  },
  'not-beside-king': {
    text: ({ square }) => `${makeSquareName(square)} is not beside the ${terms.one('king')}.`,
    mistake: `look away from the ${terms.one('king')}`,
  },
  'is-guarded': {
    text: ({ square, by, byRole }) => `${makeSquareName(square)}: the ${manOn(byRole, by, terms)} guards it.`,
    mistake: 'overlook a guard',
  },
  'guarded-through-king': {
    text: ({ square, by, byRole }) =>
      `${makeSquareName(square)}: the ${manOn(byRole, by, terms)} guards it, for its line goes on when the ${terms.one('king')} steps back.`,
    mistake: `forget that a line goes on through the ${terms.one('king')}`,
  },
});
