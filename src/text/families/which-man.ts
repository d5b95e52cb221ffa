import { makeSquareName } from '@/core/board';
import type { MakeFamilyWords } from '../family';
import { capital } from '../terms';
import { SIDE_WORDS } from '../words';
import { nobodyThereNotes } from './shared/squareNotes';

export const words: MakeFamilyWords<'which-man'> = (terms) => ({
  name: 'Which piece is meant?',
  levels: [
    'One of two pieces.',
    'One of three.',
    `${capital(terms.one('file'))} and ${terms.one('rank')} are needed.`,
  ],
  rule: 'The letter or number after the piece tells you where it comes from.',
  question: (question) =>
    `${SIDE_WORDS[question.turn]} plays ${question.san}. Tap the piece or ${terms.one('pawn')} that moves.`,
  notes: {
    ...nobodyThereNotes,
    'man-not-meant': {
      text: ({ square, san, would }) =>
        would === undefined
          ? `${makeSquareName(square)}: ${san} does not mean the piece there.`
          : `${makeSquareName(square)}: that piece's move is written ${would}.`,
      mistake: 'choose the wrong one of two pieces',
    },
    'man-meant': {
      text: ({ square, san }) => `${makeSquareName(square)}: ${san} is the move of the piece there.`,
      mistake: 'miss the piece that is meant',
    },
  },
});
