import type { MakeFamilyWords } from '../family';

export const words: MakeFamilyWords<'keep-score'> = () => ({
  name: 'Keep the score',
  levels: ['Two moves of each side.', 'Four moves of each side.', 'Seven moves of each side.'],
  rule: 'Letter of the piece, x for a capture, the square, + for check.',
  question: () => 'Write down each move that is played.',
});
