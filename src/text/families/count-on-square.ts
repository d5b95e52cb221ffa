import { makeSquareName } from '@/core/board';
import type { MakeFamilyWords } from '../family';
import { numberNotes } from './shared/numberNotes';

export const words: MakeFamilyWords<'count-on-square'> = (terms) => ({
  name: 'Count the helpers',
  levels: ['One or two.', 'Three.', 'One behind another.', 'A pinned piece, or several behind each other.'],
  rule: 'Count who attacks the square. Look behind them too: a second piece on the same line helps.',
  question: (question) => {
    switch (question.code) {
      case 'count-attackers':
        return `How many ${question.side} pieces and ${terms.many('pawn')} can help to ${terms.one('capture')} on ${makeSquareName(question.square)}?`;
      case 'count-defenders':
        return `How many ${question.side} pieces and ${terms.many('pawn')} can help to ${terms.one('capture')} back on ${makeSquareName(question.square)}?`;
    }
  },
  notes: numberNotes,
});
