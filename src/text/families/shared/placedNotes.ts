/** A set-up that is not right yet. */
import { makeSquareName } from '@/core/board';
import type { NoteOf } from '@/core/exercises';
import type { NoteWords } from '../../family';
import { capital, type Terms } from '../../terms';

export const placedNotes = (terms: Terms): NoteWords<NoteOf<'set-up'>> => ({
  'board-turned': {
    text: () => `The board is turned sideways. White belongs on ${terms.many('rank')} 1 and 2.`,
    mistake: 'turn the board',
  },
  'armies-exchanged': {
    text: () =>
      `The armies are on the wrong sides. White belongs on ${terms.many('rank')} 1 and 2, Black on ${terms.many('rank')} 7 and 8.`,
    mistake: 'put the armies on the wrong sides',
  },
  'king-queen-exchanged': {
    text: ({ square }) =>
      `${capital(terms.one('king'))} and ${terms.one('queen')} are swapped: the ${terms.one('queen')} starts on her own colour, on ${makeSquareName(square)}.`,
    mistake: `swap ${terms.one('king')} and ${terms.one('queen')}`,
  },
  'bishop-knight-exchanged': {
    text: ({ square }) =>
      `${capital(terms.one('knight'))} and ${terms.one('bishop')} are swapped: the ${terms.one('knight')} goes beside the ${terms.one('rook')}, on ${makeSquareName(square)}.`,
    mistake: `swap ${terms.one('bishop')} and ${terms.one('knight')}`,
  },
  'belongs-elsewhere': {
    text: ({ square, role }) => `${makeSquareName(square)}: the ${terms.one(role)} does not belong there.`,
    mistake: 'put a piece on the wrong square',
  },
  'is-missing': {
    text: ({ square, role }) => `${makeSquareName(square)}: ${terms.a(role)} is missing there.`,
    mistake: 'forget a piece',
  },
  'is-extra': {
    text: ({ square, role }) => `${makeSquareName(square)}: the ${terms.one(role)} there is one too many.`,
    mistake: 'put on one piece too many',
  },
  'wrong-side': {
    text: ({ square, role }) =>
      `${makeSquareName(square)}: the ${terms.one(role)} there belongs to the other army.`,
    mistake: 'use a piece of the wrong colour',
  },
});
