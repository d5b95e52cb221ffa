import { makeSquareName } from '@/core/board';
import type { MakeFamilyWords } from '../family';
import { mateQuestion } from '../proof';

export const words: MakeFamilyWords<'last-square'> = () => ({
  name: 'Where does it end?',
  levels: ['Mate in two, few pieces.', 'Mate in two, more pieces.', 'Mate in three.'],
  rule: 'Play it through in your head to the very last move. Only then tap.',
  question: (question) => `${mateQuestion(question.turn, question.moves)} Tap the square of the last move.`,
  isTurnSaid: true,
  notes: {
    'no-mate-there': {
      text: ({ square }) => `${makeSquareName(square)}: no mate ends there in time.`,
      mistake: 'see the end of a mate on another square',
    },
    'mates-there': {
      text: ({ square }) => `${makeSquareName(square)}: the last move ends there.`,
      mistake: 'do not see the end of a mate',
    },
  },
});
