import { makeSquareName } from '@/core/board';
import type { MakeFamilyWords } from '../family';
import { listWords } from '../words';

export const words: MakeFamilyWords<'square-colour'> = () => ({
  name: 'Light or dark?',
  levels: ['Squares at the edge.', 'Squares inside the board.', 'Two squares: the same colour or not?'],
  rule: 'The corner a1 is dark. Each step to the side or up changes the colour.',
  question: (question) => {
    switch (question.code) {
      case 'colour-of':
        return `Is ${makeSquareName(question.square)} light or dark?`;
      case 'same-colour': {
        const [first, second] = question.squares;
        return `Are ${makeSquareName(first)} and ${makeSquareName(second)} of the same colour?`;
      }
    }
  },
  options: { light: 'Light', dark: 'Dark', 'same-colour': 'Yes, the same', 'two-colours': 'No, two colours' },
  reasons: {
    colours: ({ squares }) => {
      const told = squares.map(
        ({ square, isDark }) => `${makeSquareName(square)} is ${isDark ? 'dark' : 'light'}`,
      );
      return `${listWords(told)}. The corner a1 is dark. Count the steps from there.`;
    },
  },
});
