/** Squares that hold nothing to tap, and squares that are not the one asked for. */
import { makeSquareName, type Square } from '@/core/board';
import type { NoteOf } from '@/core/exercises';
import type { NoteWord, NoteWords } from '../../family';
import type { Terms } from '../../terms';

interface OnSquare {
  readonly square: Square;
}

export const nobodyThereNotes: { readonly 'nobody-there': NoteWord<OnSquare> } = {
  'nobody-there': {
    text: ({ square }) => `${makeSquareName(square)}: no piece is there.`,
    mistake: 'mark an empty square',
  },
};

/** Where the pieces of the other side are asked about. */
export const notTheirsNotes: {
  readonly 'nobody-there': NoteWord<OnSquare>;
  readonly 'own-side': NoteWord<OnSquare>;
} = {
  ...nobodyThereNotes,
  'own-side': {
    text: ({ square }) => `${makeSquareName(square)}: that is your own piece.`,
    mistake: 'mark their own piece',
  },
};

export const otherSquareNotes = (terms: Terms): NoteWords<NoteOf<'find-square'>> => ({
  'rank-before-file': {
    text: ({ square, asked }) =>
      square === asked
        ? `You mean ${makeSquareName(square)}. The letter comes first, then the number.`
        : `This is ${makeSquareName(square)}. The letter comes first: ${makeSquareName(asked)} is on the ${makeSquareName(asked).charAt(0)}-${terms.one('file')}.`,
    mistake: 'say the number before the letter',
  },
  'wrong-file': {
    text: ({ square }) => `This is ${makeSquareName(square)}: the number is right, the letter is not.`,
    mistake: 'mix up the letter',
  },
  'wrong-rank': {
    text: ({ square }) => `This is ${makeSquareName(square)}: the letter is right, the number is not.`,
    mistake: 'mix up the number',
  },
  'another-square': {
    text: ({ square, asked }) =>
      square === asked ? `${makeSquareName(square)} is the one.` : `This is ${makeSquareName(square)}.`,
    mistake: 'find another square',
  },
});
