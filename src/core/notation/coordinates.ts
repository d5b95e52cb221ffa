import { makeSquareName, parseSquareName, type PromotionRole } from '../board';
import type { Move } from '../rules';

/** A move as squares: "e2e4", "e7e8q"; what is stored and sent, never shown. */
export type MoveText = string;

const PROMOTION_LETTERS: Readonly<Record<PromotionRole, string>> = {
  queen: 'q',
  rook: 'r',
  bishop: 'b',
  knight: 'n',
};
const LETTER_PROMOTIONS: Readonly<Record<string, PromotionRole>> = {
  q: 'queen',
  r: 'rook',
  b: 'bishop',
  n: 'knight',
};

/** "e7e8q" for a move. */
export function makeMoveText({ from, to, promotion }: Move): MoveText {
  const letter = promotion === undefined ? '' : PROMOTION_LETTERS[promotion];
  return `${makeSquareName(from)}${makeSquareName(to)}${letter}`;
}

/** The move of a text that was checked where it came in; throws on anything else, which is a fault of ours. */
export function getMove(text: MoveText): Move {
  const move = parseMoveText(text);
  if (move === undefined) throw new Error(`not a move: ${text}`);
  return move;
}

/** Reads "e7e8q"; undefined for anything else. Legality is not asked. */
export function parseMoveText(text: MoveText): Move | undefined {
  if (!/^([a-h][1-8]){2}[qrbn]?$/.test(text)) return undefined;
  const from = parseSquareName(text.slice(0, 2));
  const to = parseSquareName(text.slice(2, 4));
  if (from === undefined || to === undefined) return undefined;
  const promotion = LETTER_PROMOTIONS[text.charAt(4)];
  return promotion === undefined ? { from, to } : { from, to, promotion };
}
