/** Moves on the board: those that are not allowed, and those that do not mate. */
import type { NoteOf } from '@/core/exercises';
import type { NoteWord, NoteWords } from '../../family';
import type { Terms } from '../../terms';

export const notLegalNotes: { readonly 'not-a-legal-move': NoteWord<unknown> } = {
  'not-a-legal-move': {
    text: () => 'That move is not allowed here.',
    mistake: 'play a move that is not allowed',
  },
};

/** Why a move is not mate. */
export const noMateNotes = (terms: Terms): NoteWords<NoteOf<'mate-in-one'>> => ({
  ...notLegalNotes,
  stalemates: {
    text: ({ move }) =>
      `After ${move} the other side has no move and is not in check: ${terms.one('stalemate')}, a draw.`,
    mistake: `give ${terms.one('stalemate')}`,
  },
  'mate-not-yet': {
    text: ({ move, reason }) =>
      reason.code === 'no-check'
        ? `${move} does not even give check.`
        : `${move} is check, but there is an answer: ${reason.moves.join(', ')}.`,
    mistake: 'think a check, or less, is mate',
  },
});
