import { makeSquareName } from '@/core/board';
import type { QuestionOf, NoteOf } from '@/core/exercises';
import type { MakeFamilyWords } from '../family';
import { countWords, listWords } from '../words';

/** "Count 1 point for each middle square it sees ...": what the tally counts, so that the question says it all. */
function weightsText({ middle, attacked, blocked, moves }: QuestionOf<'best-square'>['weights']): string {
  return [
    `Add ${countWords(middle, 'point')} for each middle square it stands on or sees. Add ${attacked} for each piece it attacks.`,
    `Take away ${blocked} for each of your own pieces it blocks. Take away ${moves} for each move it needs.`,
  ].join(' ');
}

/** "2 middle squares, 1 piece attacked, 1 move: 2 points". */
function tallyText(tally: Extract<NoteOf<'best-square'>, { code: 'tally' }>): string {
  const parts = [
    tally.middle > 0 ? countWords(tally.middle, 'middle square') : '',
    tally.attacked > 0 ? `${countWords(tally.attacked, 'piece')} attacked` : '',
    tally.blocked > 0 ? `${countWords(tally.blocked, 'own piece')} in the way` : '',
    countWords(tally.moves, 'move'),
  ].filter((part) => part !== '');
  return `${parts.join(', ')}: ${countWords(tally.points, 'point')}`;
}

export const words: MakeFamilyWords<'best-square'> = (terms) => ({
  name: 'The best square',
  levels: [
    'Two squares.',
    'Three squares, pieces to attack.',
    'Four squares, its own pieces in the way.',
    'Five squares, a full board.',
  ],
  rule: 'For each square, count the middle squares you attack and the pieces you attack. Take one off for each piece of yours you block, and one for each move.',
  question: (question) =>
    `Which of ${listWords(question.candidates.map(makeSquareName))} is best for the ${terms.one(question.role)} on ${makeSquareName(question.square)}? ${weightsText(question.weights)}`,
  notes: {
    'not-marked': {
      text: ({ square }) => `${makeSquareName(square)} is not one of the marked squares.`,
      mistake: 'choose a square that is not asked about',
    },
    tally: {
      text: (tally) => `${makeSquareName(tally.square)}: ${tallyText(tally)}.`,
      mistake: 'choose a weaker square',
    },
  },
});
