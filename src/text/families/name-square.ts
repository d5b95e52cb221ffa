import type { MakeFamilyWords } from '../family';
import { seenFromWords, squareRules } from './shared/squares';
import { otherSquareNotes } from './shared/squareNotes';

export const words: MakeFamilyWords<'name-square'> = (terms) => ({
  name: 'Name the square',
  levels: [
    'Letters and numbers are beside the board.',
    "The same, seen from Black's side.",
    'Without letters and numbers.',
    "Without them, from Black's side.",
  ],
  rule: 'First the letter below the square, then the number beside it.',
  rules: squareRules(terms),
  question: (question) => `${seenFromWords(question)}Write the name of the marked square.`,
  notes: {
    ...otherSquareNotes(terms),
    'no-such-square': {
      text: ({ text }) => `"${text}" is not a square. Write a letter from a to h, then a number from 1 to 8.`,
      mistake: 'write something that is not a square',
    },
  },
});
