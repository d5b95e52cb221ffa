import { makeSquareName } from '@/core/board';
import type { MakeFamilyWords } from '../family';
import type { Terms } from '../terms';
import { roleOptions } from './shared/roles';
import { stateReasons } from './shared/reasons';
import { squareList } from './shared/squares';

const promotionTexts = (terms: Terms) => ({
  mate: 'is mate',
  'no-stalemate': `is not ${terms.one('stalemate')}`,
  fork: 'attacks two bigger pieces and is safe',
});

export const words: MakeFamilyWords<'promote-to'> = (terms) => ({
  name: 'What should it become?',
  levels: [
    'Give mate.',
    `Not ${terms.one('stalemate')}.`,
    'Only an underpromotion mates.',
    'Attack two pieces at once.',
  ],
  rule: `Try all four in your head: ${terms.one('queen')}, ${terms.one('rook')}, ${terms.one('bishop')}, ${terms.one('knight')}.`,
  question: (question) =>
    `The ${terms.one('pawn')} goes to ${makeSquareName(question.square)}. What can it become so that it ${promotionTexts(terms)[question.goal]}? Choose all.`,
  options: roleOptions(terms),
  reasons: {
    ...stateReasons(terms),
    'is-taken-by': ({ moves }) => `It can be ${terms.done('capture')}: ${moves.join(', ')}.`,
    attacks: ({ squares }) =>
      squares.length === 0 ? 'It attacks nothing bigger.' : `It attacks ${squareList(squares)}.`,
  },
});
