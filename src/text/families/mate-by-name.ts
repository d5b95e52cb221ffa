import { makeSquareName } from '@/core/board';
import type { MakeFamilyWords } from '../family';
import { PATTERN_NAMES } from '../patternNames';
import { SIDE_WORDS } from '../words';
import { noMateNotes } from './shared/playNotes';

export const words: MakeFamilyWords<'mate-by-name'> = (terms) => ({
  name: 'Give this mate',
  levels: [
    'The first mates.',
    'All mates.',
    'Fuller boards.',
    'A mixed review without the name.',
    'The same with all mates on full boards.',
  ],
  rule: 'Think of the picture first: who mates, and who helps?',
  question: (question) =>
    question.pattern === undefined
      ? `${SIDE_WORDS[question.turn]} to move. Give mate in one move. Which mate will it be?`
      : `${SIDE_WORDS[question.turn]} to move. Give this mate in one move: ${PATTERN_NAMES[question.pattern]}.`,
  isTurnSaid: true,
  notes: {
    ...noMateNotes(terms),
    'other-mate': {
      text: ({ square, role, pattern }) =>
        `${makeSquareName(square)}: the ${terms.one(role)} gives mate there, but not this one: ${PATTERN_NAMES[pattern]}.`,
      mistake: 'give mate, but another one',
    },
  },
});
