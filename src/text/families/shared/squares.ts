import { makeSquareName, type Role, type Side, type Square } from '@/core/board';
import type { RuleVariant } from '@/core/exercises';
import type { Terms } from '../../terms';
import { listWords, SIDE_WORDS } from '../../words';

/** How a square is found, as the board is shown. */
export const squareRules = (terms: Terms): Readonly<Record<RuleVariant, string>> => ({
  'letters-white': 'First find the letter below the board. Then go up to the number.',
  'letters-black':
    'First find the letter below the board: h is on the left. Then go up to the number: 8 is nearest to you.',
  'bare-white': `On your left is the a-${terms.one('file')}, nearest to you is ${terms.one('rank')} 1. Count to the right, then up.`,
  'bare-black': `On your left is the h-${terms.one('file')}, nearest to you is ${terms.one('rank')} 8. Count back: h, g, f, and 8, 7, 6.`,
});

/** An empty board without letters looks alike from both sides. */
export function seenFromWords({ seenFrom }: { readonly seenFrom: Side | undefined }): string {
  return seenFrom === undefined ? '' : `You sit on ${SIDE_WORDS[seenFrom]}'s side. `;
}

/** "rook on e1". */
export const manOn = (role: Role, square: Square, terms: Terms) =>
  `${terms.one(role)} on ${makeSquareName(square)}`;

/** "e4, f6 and a1". */
export const squareList = (squares: readonly Square[]) => listWords(squares.map(makeSquareName));
