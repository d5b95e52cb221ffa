import { makeSquareName } from '@/core/board';
import type { MakeFamilyWords } from '../family';
import { seenFromWords, squareRules } from './shared/squares';
import { otherSquareNotes } from './shared/squareNotes';

export const words: MakeFamilyWords<'find-square'> = (terms) => ({
  name: 'Find the square',
  levels: [
    'Letters and numbers are beside the board.',
    "The same, seen from Black's side.",
    'Without letters and numbers.',
    "Without them, from Black's side.",
  ],
  rule: 'First the letter: go along the bottom. Then the number: go up.',
  rules: squareRules(terms),
  question: (question) => `${seenFromWords(question)}Tap the square ${makeSquareName(question.square)}.`,
  notes: otherSquareNotes(terms),
});
