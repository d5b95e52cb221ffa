import type { MakeFamilyWords } from '../family';
import { matesReasons, nothingDoesReasons } from './shared/reasons';

export const words: MakeFamilyWords<'who-mates'> = (terms) => ({
  name: 'Who could mate?',
  levels: ['Few pieces.', 'More pieces.', 'A full board.'],
  rule: `Look at the board twice: once as White, once as Black. Each ${terms.one('king')} has its own dangers.`,
  question: () => 'Who could give mate in one move, if it were that side’s turn?',
  options: {
    'white-mates': 'White',
    'black-mates': 'Black',
    'both-mate': 'Both, each on its turn',
    'nobody-mates': 'Nobody',
  },
  reasons: { ...matesReasons, ...nothingDoesReasons },
});
