/** A way that goes wrong, or round. */
import { makeSquareName } from '@/core/board';
import type { NoteOf } from '@/core/exercises';
import type { NoteWords } from '../../family';
import type { Terms } from '../../terms';
import { countWords } from '../../words';
import { canBeTakenNote } from './attackNotes';
import { notLegalNotes } from './playNotes';
import { notReachedNotes } from './reachNotes';

/** Where somebody answers, and no way is told. */
export const duelNotes = (terms: Terms): NoteWords<NoteOf<'route-answered'>> => ({
  ...notLegalNotes,
  ...notReachedNotes(terms),
  'takes-here': {
    text: ({ square }) =>
      `${makeSquareName(square)}: a piece is there. Find a way without ${terms.doing('capture')}.`,
    mistake: `${terms.one('capture')} on the way`,
  },
  'can-be-taken': canBeTakenNote(terms),
  'goes-round': {
    text: ({ moves, fewest }) => `That took ${countWords(moves, 'move')}. It can be done in ${fewest}.`,
    mistake: 'take a longer way',
  },
});

export const routeNotes = (terms: Terms): NoteWords<NoteOf<'route'>> => ({
  ...duelNotes(terms),
  'way-too-short': {
    text: () => 'The way does not reach its end yet.',
    mistake: 'stop before the end of the way',
  },
});
