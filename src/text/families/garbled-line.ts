import { SMUDGE } from '@/core/exercises';
import type { MakeFamilyWords } from '../family';

/** A smudged move with a sign that everybody reads as "cannot be read". */
function smudgeText(garbled: string): string {
  return garbled.replaceAll(SMUDGE, '▒');
}

export const words: MakeFamilyWords<'garbled-line'> = () => ({
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
});
