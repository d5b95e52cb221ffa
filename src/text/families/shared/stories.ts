import type { GameStory } from '@/core/exercises';
import type { Terms } from '../../terms';

/** Only what counts or comes near it is told. */
export function storyText({ times, quietMoves, haveAgreed }: GameStory, terms: Terms): string {
  const said = [
    times > 1 ? `This position is on the board for the ${ORDINAL_WORDS[times] ?? `${times}th`} time.` : '',
    quietMoves > 0 ? `For ${quietMoves} moves there was no capture and no ${terms.one('pawn')} move.` : '',
    haveAgreed ? 'The players have agreed to a draw.' : '',
  ].filter((sentence) => sentence !== '');
  return said.join(' ');
}

const ORDINAL_WORDS: Readonly<Record<number, string>> = { 2: 'second', 3: 'third', 4: 'fourth', 5: 'fifth' };
