import type { MakeFamilyWords } from '../family';

export const words: MakeFamilyWords<'open-line'> = (terms) => ({
  name: 'What is in the way?',
  levels: ['A bare picture.', 'More pieces around.', 'A full board.'],
  rule: `Look along the lines that lead to the ${terms.one('king')}. Which piece of your own is in the way?`,
  question: (question) =>
    `Take one ${question.side} piece or ${terms.one('pawn')} away and it is mate. Tap it.`,
});
