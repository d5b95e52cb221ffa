/** Evidence for a choice that several families read off the board. */
import { makeSquareName } from '@/core/board';
import type { ReasonOf } from '@/core/exercises';
import type { ReasonWords } from '../../family';
import type { Terms } from '../../terms';
import { countWords, listWords } from '../../words';
import { squareList } from './squares';

interface WithMoves {
  readonly moves: readonly string[];
}

export const matesReasons = {
  mates: ({ moves }: WithMoves) => `${listWords(moves)} would mate.`,
};

export const movesDoReasons = {
  'moves-do': ({ moves }: WithMoves) =>
    `There is ${listWords(moves.slice(0, 4))}${moves.length > 4 ? ' and more' : ''}.`,
};

export const nothingDoesReasons = { 'nothing-does': () => 'Nothing does that here.' };

export const noCheckReasons = (terms: Terms) => ({
  'no-check': () => `The ${terms.one('king')} is not attacked.`,
});

export const enoughMenReasons = (terms: Terms) => ({
  'enough-men': () => `There are enough pieces for ${terms.one('checkmate')}.`,
});

export const givesCheckReasons = {
  'gives-check': ({ squares }: { readonly squares: readonly number[] }) =>
    `The piece on ${squareList(squares)} gives check.`,
};

/** What makes it check, mate, stalemate or a dead position, or that the game goes on. */
export const stateReasons = (terms: Terms): ReasonWords<ReasonOf<'stalemating'>> => ({
  ...givesCheckReasons,
  'no-move': () => 'There is no legal move.',
  'can-move': ({ moves }) => `There is a move: ${moves.join(', ')}.`,
  'it-is-mate': () => `It is ${terms.one('checkmate')}: check, and no legal move.`,
  'is-stalemate': () => `No legal move, and no check: that is ${terms.one('stalemate')}.`,
  'too-few-men': () => `With these pieces nobody can ever give ${terms.one('checkmate')}.`,
});

/** Why a draw is there or not. */
export const drawReasons = (terms: Terms): ReasonWords<ReasonOf<'draw-kind'>> => ({
  ...stateReasons(terms),
  ...enoughMenReasons(terms),
  'have-agreed': () => 'The players agreed to a draw.',
  'not-agreed': () => 'They did not agree to a draw.',
  'nothing-else-ends-it': () => 'Nothing on the board ended the game.',
  times: ({ times }) =>
    times >= 3
      ? 'Three times the same position: that is a draw if it is claimed.'
      : 'It must be there three times.',
  'quiet-moves': ({ moves }) =>
    moves >= 50
      ? 'Fifty moves: that is a draw if it is claimed.'
      : `That needs 50 moves; there were ${moves}.`,
});

/** Pieces after one another on one square, and what it comes to. */
export const exchangeReasons: ReasonWords<ReasonOf<'take-or-leave'>> = {
  exchange: ({ moves, gain }) => `${moves.join(', ')}: ${gainText(gain)}.`,
};

function gainText(gain: number): string {
  if (gain === 0) return 'it comes out even';
  return gain > 0 ? `${countWords(gain, 'point')} won` : `${countWords(-gain, 'point')} lost`;
}

/** A condition of a special move: it holds, or what attacks a square. */
export const conditionReasons = {
  'all-conditions-hold': () => 'Nothing stands against it.',
};

export const guardsReasons = {
  guards: ({ square, squares }: { readonly square: number; readonly squares: readonly number[] }) =>
    squares.length === 0
      ? `Nobody attacks ${makeSquareName(square)}.`
      : `${makeSquareName(square)} is attacked from ${squareList(squares)}.`,
};
