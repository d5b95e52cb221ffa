import type { MakeFamilyWords } from '../family';
import { SIDE_WORDS } from '../words';
import { breakNotes } from './shared/lineNotes';

export const words: MakeFamilyWords<'give-up'> = () => ({
  name: 'Find the sacrifice',
  levels: ['Few pieces.', 'More pieces.', 'A full board.'],
  rule: 'Which square does the mate need? Give up a piece to pull a defender away, or to pull it there.',
  question: (question) =>
    `${SIDE_WORDS[question.turn]} mates in ${question.moves} with a sacrifice. Play the first move.`,
  notes: breakNotes,
});
