import type { MakeFamilyWords } from '../family';
import { capital } from '../terms';
import { SIDE_WORDS } from '../words';

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
});
