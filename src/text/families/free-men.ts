import type { MakeFamilyWords } from '../family';
import { SIDE_WORDS } from '../words';

export const words: MakeFamilyWords<'free-men'> = () => ({
  name: 'What is free to capture?',
  levels: [
    'One piece to look from.',
    'Two pieces.',
    'Three pieces.',
    'Five pieces, and eight that can be captured or not.',
  ],
  rule: 'Capture it in your head. Can anybody capture back?',
  question: (question) =>
    `Tap everything that ${SIDE_WORDS[question.turn]} can capture for free: nobody can capture back.`,
});
