import { SMUDGE } from '@/core/exercises';
import type { MakeFamilyWords } from '../family';
import { unreadableNote, usuallyWrittenNotes } from './shared/writtenNotes';

/** A smudged move with a sign that everybody reads as "cannot be read". */
function smudgeText(garbled: string): string {
  return garbled.replaceAll(SMUDGE, '▒');
}

export const words: MakeFamilyWords<'garbled-line'> = (terms) => ({
  name: 'A smudged score sheet',
  levels: [
    'One sign is smudged.',
    'One sign; the next moves decide.',
    'Two signs.',
    'Two signs, and several moves fit.',
  ],
  rule: 'Which of your pieces could have gone there? Play on in your head: do the next moves still work?',
  question: (question) =>
    `The score sheet says: ${question.line} ${smudgeText(question.garbled)}${question.after === '' ? '' : `, then ${question.after}`}. Which move was it? Write it.`,
  notes: {
    unreadable: unreadableNote(terms),
    ...usuallyWrittenNotes,
    'not-on-the-sheet': {
      text: ({ san }) => `${san} does not match the sheet.`,
      mistake: 'do not use the signs that can be read',
    },
    'does-not-go-on': {
      text: ({ san, next }) => `${san} looks like it, but then ${next} could not be played.`,
      mistake: 'do not use the moves that follow',
    },
  },
});
