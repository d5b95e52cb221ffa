/** What stands on paper beside a board: the men to set up, what there is to choose from, how a proof goes on beside its main line. */
import { makeSquareName, ROLES, SIDES, type Board, type Side } from '@/core/board';
import { getMove, makeNumberedLine, makeSan } from '@/core/notation';
import type { SideLine } from '@/core/puzzles';
import type { Position } from '@/core/rules';
import { optionText } from './exercises';
import type { FamilyWords } from './family';
import { listWords, SIDE_WORDS } from './words';
import type { Terms } from './terms';

/** "White: king e1, rooks a1 and h1. Black: king e8." */
export function menText(board: Board, terms: Terms): string {
  return SIDES.map((side) => {
    const men = ROLES.toReversed().flatMap((role) => {
      const squares = board.flatMap((man, square) =>
        man?.side === side && man.role === role ? [makeSquareName(square)] : [],
      );
      return squares.length === 0
        ? []
        : [`${squares.length > 1 ? terms.many(role) : terms.one(role)} ${listWords(squares)}`];
    });
    return `${SIDE_WORDS[side]}: ${men.length === 0 ? 'no pieces' : men.join(', ')}.`;
  }).join(' ');
}

/** "Set it up: Black is to move." */
export function setUpText(turn: Side): string {
  return `Set it up: ${SIDE_WORDS[turn]} is to move.`;
}

/** "(light / dark)": what a button each would be on a screen. */
export function choiceText(words: FamilyWords, options: readonly string[]): string {
  return options.length === 0 ? '' : `(${options.map((option) => optionText(words, option)).join(' / ')})`;
}

/** "1... Kh8 2. Qg7#. Kf8 and Kf7 are met in the same way." */
export function sideLineText(afterKey: Position, { defences, line }: SideLine): string {
  const [first, ...others] = defences.map(getMove);
  if (first === undefined) return '';
  const told = makeNumberedLine(afterKey, [first, ...line.map(getMove)]);
  if (others.length === 0) return `${told}.`;
  const sans = others.map((move) => makeSan(afterKey, move));
  return others.length <= 4
    ? `${told}. ${listWords(sans)} ${sans.length === 1 ? 'is' : 'are'} met in the same way.`
    : `${told}. ${sans.slice(0, 3).join(', ')} and ${sans.length - 3} more are met in the same way.`;
}
