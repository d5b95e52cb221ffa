/** Who attacks, protects and captures what. */
import { makeSquareName } from '@/core/board';
import type { NoteOf } from '@/core/exercises';
import type { NoteWord } from '../../family';
import type { Terms } from '../../terms';
import { manOn } from './squares';

export const canBeTakenNote = (
  terms: Terms,
): NoteWord<Extract<NoteOf<'attack-from'>, { code: 'can-be-taken' }>> => ({
  text: ({ square, by, byRole }) =>
    `${makeSquareName(square)}: the ${manOn(byRole, by, terms)} could ${terms.one('capture')} it there.`,
  mistake: `go where they can be ${terms.done('capture')}`,
});

export const notTakenNote = (terms: Terms): NoteWord<Extract<NoteOf<'captures'>, { code: 'not-taken' }>> => ({
  text: ({ square, role }) =>
    `${makeSquareName(square)}: nothing can ${terms.one('capture')} the ${terms.one(role)} there.`,
  mistake: `${terms.one('capture')} what cannot be ${terms.done('capture')}`,
});
