/** The pieces of a mate: needed, missing, in the way. */
import { makeSquareName, type Role, type Square } from '@/core/board';
import type { NoteOf } from '@/core/exercises';
import type { PatternId } from '@/core/patterns';
import type { NoteWord, NoteWords } from '../../family';
import { PATTERN_NAMES } from '../../patternNames';
import type { Terms } from '../../terms';
import { manOn } from './squares';

export const notAskedNote = (terms: Terms): NoteWord<{ readonly square: Square; readonly role: Role }> => ({
  text: ({ square, role }) => `${makeSquareName(square)}: the question is not about ${terms.a(role)}.`,
  mistake: 'mark a piece that is not asked about',
});

/** A piece that was put on the board and does not make this mate. */
export const addedNotes = (terms: Terms): NoteWords<NoteOf<'missing-man'>> => ({
  'one-man-only': {
    text: () => 'Put one piece on the board. Leave the others where they are.',
    mistake: 'move more than one piece',
  },
  'pawn-on-last-rank': {
    text: ({ square }) =>
      `${makeSquareName(square)}: ${terms.a('pawn')} is never on the first or last ${terms.one('rank')}.`,
    mistake: `put ${terms.a('pawn')} on the first or last ${terms.one('rank')}`,
  },
  'leaves-king-in-check': {
    text: ({ square, by, byRole }) =>
      `${makeSquareName(square)}: your ${terms.one('king')} is still in check from the ${manOn(byRole, by, terms)}.`,
    mistake: `leave the ${terms.one('king')} in check`,
  },
  'not-mate-yet': {
    text: ({ square, role }) => `${makeSquareName(square)}: with ${terms.a(role)} there it is not mate.`,
    mistake: 'put the missing piece where it does not mate',
  },
  'not-this-mate': {
    text: ({ square, role, pattern }) =>
      `${makeSquareName(square)}: with ${terms.a(role)} there it is not this: ${patternName(pattern)}.`,
    mistake: 'put the missing piece on a wrong square',
  },
});

const patternName = (pattern: PatternId) => PATTERN_NAMES[pattern];
