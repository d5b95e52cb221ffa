import type { Terms, WordsOf } from '@/text';
import { numberNotes } from '@/text/families/shared/numberNotes';
import type { CountPawnsNote, CountPawnsQuestion } from './family';

export const words = (terms: Terms): WordsOf<CountPawnsQuestion, CountPawnsNote> => ({
  name: 'How many little ones?',
  levels: ['A few of them.'],
  rule: `Go along each ${terms.one('rank')} and count.`,
  question: () => `How many ${terms.many('pawn')} are on the board?`,
  notes: {
    ...numberNotes,
    'counts-pieces-too': {
      text: ({ pieces }) => `Count the ${terms.many('pawn')} only. ${pieces} others are on the board.`,
      mistake: 'count the other pieces too',
    },
  },
});
