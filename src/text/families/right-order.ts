import type { MakeFamilyWords } from '../family';
import { mateQuestion } from '../proof';
import { breakNotes, tooShortNotes } from './shared/lineNotes';

export const words: MakeFamilyWords<'right-order'> = () => ({
  name: 'In the right order',
  levels: ['Mate in two, few pieces.', 'Mate in two, more pieces.', 'Mate in three.'],
  rule: 'Try each order in your head: which check or capture spoils it?',
  question: (question) => `${mateQuestion(question.turn, question.moves)} Tap its moves in the right order.`,
  isTurnSaid: true,
  options: (option) => option,
  notes: {
    ...breakNotes,
    ...tooShortNotes,
    'cannot-yet': {
      text: ({ san }) => `${san} cannot be played then.`,
      mistake: 'play a move too early',
    },
  },
});
