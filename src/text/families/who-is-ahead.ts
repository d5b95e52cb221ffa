import type { MakeFamilyWords } from '../family';
import { countWords } from '../words';

export const words: MakeFamilyWords<'who-is-ahead'> = () => ({
  name: 'Who is ahead?',
  levels: ['Four pieces.', 'Seven pieces.', 'Eleven pieces.', 'Eighteen pieces.'],
  rule: 'Cross out what both sides have. Then count the rest in points.',
  question: () => 'Who is ahead, and by how many points?',
  options: (option) => {
    const [side = '', points] = option.split('-');
    return points === undefined
      ? 'Nobody is ahead'
      : `${side === 'white' ? 'White' : 'Black'}, by ${countWords(Number(points), 'point')}`;
  },
  reasons: {
    worth: ({ white, black }) => `White has ${countWords(white, 'point')}, Black has ${black}.`,
  },
});
