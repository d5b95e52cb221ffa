import type { MakeFamilyWords } from '../family';

export const words: MakeFamilyWords<'spare-men'> = (terms) => ({
  name: 'What is not needed?',
  levels: ['One spare piece.', 'Two.', 'Three.', 'Four, on a full board.'],
  rule: `Take each piece off in your head. Can the ${terms.one('king')} get out then?`,
  question: (question) =>
    `It is mate. Which ${question.side} pieces and ${terms.many('pawn')} are not needed? Tap them all.`,
});
