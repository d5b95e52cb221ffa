import type { MakeFamilyWords } from '../family';
import { SIDE_WORDS } from '../words';
import { matesReasons } from './shared/reasons';

export const words: MakeFamilyWords<'is-safe-move'> = () => ({
  name: 'Does it allow mate?',
  levels: ['Few checks to look at.', 'More checks.', 'A full board.'],
  rule: 'After the move, look at every check they have.',
  question: (question) =>
    `${SIDE_WORDS[question.turn]} wants to play ${question.move}. Does that allow a mate in one?`,
  options: { 'allows-mate': 'Yes, it allows a mate', 'allows-none': 'No, no mate' },
  reasons: { ...matesReasons, 'nothing-does': () => 'No check of the other side is mate.' },
});
