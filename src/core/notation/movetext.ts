/**
 * Movetext as people write it (PGN standard, section 8.2, import format): moves with numbers, comments in braces or after a
 * semicolon, numeric annotation glyphs, variations in brackets, a result at the end. Read into a tree of texts; what each move
 * means is not asked here.
 */
import { failure, success, type Result } from '../shared';

export interface WrittenMove {
  /** As written, annotation signs (!, ?) cut off. */
  readonly text: string;
  /** Where it begins in the text, from 0. */
  readonly at: number;
  /** Lines written in brackets behind it: each begins with another move instead of this one. */
  readonly variations: readonly WrittenLine[];
}

export type WrittenLine = readonly WrittenMove[];

export type MovetextFault =
  | { readonly code: 'movetext/too-long'; readonly found: number; readonly most: number }
  | { readonly code: 'movetext/empty' }
  | { readonly code: 'movetext/open-comment'; readonly at: number }
  | { readonly code: 'movetext/open-bracket'; readonly at: number }
  | { readonly code: 'movetext/stray-bracket'; readonly at: number }
  | { readonly code: 'movetext/too-deep'; readonly at: number };

const LONGEST_TEXT = 65_536;
const DEEPEST = 40;
const RESULT = /^(?:1-0|0-1|1\/2-1\/2|\*)$/;
/** A move number with its dots, with or without the move behind it. */
const NUMBER = /^\d+(?:\.+|…)|^\d+$|^\.+|^…/;

interface OpenLine {
  readonly moves: { text: string; at: number; variations: WrittenLine[] }[];
  readonly at: number;
}

export function parseMovetext(text: string): Result<WrittenLine, MovetextFault> {
  if (text.length > LONGEST_TEXT) {
    return failure({ code: 'movetext/too-long', found: text.length, most: LONGEST_TEXT });
  }
  const stack: OpenLine[] = [{ moves: [], at: 0 }];
  // One token a turn; each takes at least one character, so this ends.
  for (let at = 0; at < text.length;) {
    const line = stack.at(-1);
    if (line === undefined) break;
    const sign = text.charAt(at);
    if (sign === '{') {
      const end = text.indexOf('}', at);
      if (end < 0) return failure({ code: 'movetext/open-comment', at });
      at = end + 1;
    } else if (sign === ';') {
      const end = text.indexOf('\n', at);
      at = end < 0 ? text.length : end + 1;
    } else if (sign === '(') {
      if (line.moves.length === 0) return failure({ code: 'movetext/stray-bracket', at });
      if (stack.length > DEEPEST) return failure({ code: 'movetext/too-deep', at });
      stack.push({ moves: [], at });
      at += 1;
    } else if (sign === ')') {
      const closed = stack.pop();
      const owner = stack.at(-1)?.moves.at(-1);
      if (closed === undefined || owner === undefined) return failure({ code: 'movetext/stray-bracket', at });
      if (closed.moves.length > 0) owner.variations.push(closed.moves);
      at += 1;
    } else {
      const token = /^[^\s(){};]+/.exec(text.slice(at, at + 64))?.[0] ?? sign;
      addToken(line, token, at);
      at += token.length;
    }
  }
  const [main, open] = stack;
  if (open !== undefined) return failure({ code: 'movetext/open-bracket', at: open.at });
  if (main === undefined || main.moves.length === 0) return failure({ code: 'movetext/empty' });
  return success(main.moves);
}

function addToken({ moves }: OpenLine, token: string, at: number): void {
  if (token.trim() === '' || token.startsWith('$') || RESULT.test(token)) return;
  const number = NUMBER.exec(token)?.[0] ?? '';
  // "0-0" begins with a digit too, but castling is no number: a number is followed by dots or stands alone.
  const move = token.slice(number.length).replace(/[!?]+$/, '');
  if (move !== '') moves.push({ text: move, at: at + number.length, variations: [] });
}
