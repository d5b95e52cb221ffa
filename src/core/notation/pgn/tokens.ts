/** The tokens of a PGN text (PGN standard, section 7), one after another with the line each begins on. */

export type PgnToken =
  | { readonly kind: 'tag'; readonly line: number; readonly name: string; readonly value: string }
  /** A line that begins like a tag pair and is none. */
  | { readonly kind: 'odd-tag'; readonly line: number; readonly text: string }
  | { readonly kind: 'comment'; readonly line: number; readonly text: string; readonly isOpen: boolean }
  | { readonly kind: 'open' | 'close'; readonly line: number }
  | { readonly kind: 'glyph'; readonly line: number; readonly glyph: number }
  | { readonly kind: 'result'; readonly line: number; readonly text: '1-0' | '0-1' | '1/2-1/2' | '*' }
  /** A move, or what stands where one should. */
  | { readonly kind: 'word'; readonly line: number; readonly text: string };

const TAG = /^\[\s*([A-Za-z0-9_]+)\s+"((?:[^"\\\n]|\\.)*)"\s*\]/;
const RESULT = /^(?:1-0|0-1|1\/2-1\/2|½-½|\*)/;
/** A move number with its dots; castling with zeros is no number. */
const NUMBER = /^\d+\s*\.+|^\d+…|^\d+(?=[\s({;)]|$)|^\.+|^…/;
const SUFFIX_GLYPHS: Readonly<Record<string, number>> = {
  '!': 1,
  '?': 2,
  '!!': 3,
  '??': 4,
  '!?': 5,
  '?!': 6,
};
/** Longer words are no moves; they are taken in parts. */
const LONGEST_WORD = 255;

/** Cuts the text up as it goes; each token takes at least one character, so this ends. */
export function* listTokens(text: string): Generator<PgnToken> {
  const endOfComment = findCommentEnds(text);
  let line = 1;
  let isLineStart = true;
  for (let at = 0; at < text.length;) {
    const sign = text.charAt(at);
    if (sign === '\n') {
      line += 1;
      isLineStart = true;
      at += 1;
      continue;
    }
    // An escape line, which begins in the first column, is for the program that wrote it (section 6).
    if (sign === '%' && (at === 0 || text.charAt(at - 1) === '\n')) {
      at = endOfLine(text, at);
      continue;
    }
    const wasLineStart: boolean = isLineStart;
    isLineStart = false;
    if (/\s/.test(sign) || sign === '\uFEFF') {
      isLineStart = wasLineStart;
      at += 1;
      continue;
    }
    const begin = line;
    const skip = (length: number) => {
      line += countLines(text, at, at + length);
      at += length;
    };
    if (sign === '[') {
      const rest = text.slice(at, at + 4_000);
      const tag = TAG.exec(rest);
      if (tag !== null) {
        const [whole, name = '', value = ''] = tag;
        skip(whole.length);
        yield { kind: 'tag', line: begin, name, value: value.replace(/\\(.)/g, '$1') };
      } else {
        const end = wasLineStart ? endOfLine(text, at) : at + 1;
        const odd = text.slice(at, Math.min(end, at + 60)).trim();
        skip(end - at);
        yield { kind: 'odd-tag', line: begin, text: odd };
      }
    } else if (sign === '{') {
      const { end, isOpen } = endOfComment(at);
      const said = text.slice(at + 1, isOpen ? end : end - 1);
      skip(end - at);
      yield { kind: 'comment', line: begin, text: tidy(said), isOpen };
    } else if (sign === ';') {
      const end = endOfLine(text, at);
      const said = text.slice(at + 1, end);
      skip(end - at);
      yield { kind: 'comment', line: begin, text: tidy(said), isOpen: false };
    } else if (sign === '(' || sign === ')') {
      skip(1);
      yield { kind: sign === '(' ? 'open' : 'close', line: begin };
    } else if (sign === '$') {
      const digits = /^\$\d{1,3}/.exec(text.slice(at, at + 4))?.[0] ?? '$';
      skip(digits.length);
      const glyph = Number(digits.slice(1));
      if (digits.length > 1 && glyph <= 255) yield { kind: 'glyph', line: begin, glyph };
      else yield { kind: 'word', line: begin, text: digits };
    } else {
      const rest = text.slice(at, at + LONGEST_WORD);
      const result = RESULT.exec(rest)?.[0];
      const number = result === undefined ? NUMBER.exec(rest)?.[0] : undefined;
      if (result !== undefined) {
        skip(result.length);
        yield { kind: 'result', line: begin, text: result === '½-½' ? '1/2-1/2' : (result as '*') };
      } else if (number !== undefined) {
        skip(number.length);
      } else {
        const word = /^[^\s(){};[\]$!?]+[!?]*/.exec(rest)?.[0] ?? sign;
        skip(word.length);
        const [bare, suffix] = splitSuffix(word);
        if (bare !== '') yield { kind: 'word', line: begin, text: bare };
        if (suffix !== undefined) yield { kind: 'glyph', line: begin, glyph: suffix };
      }
    }
  }
}

/** "Nf3!?" is a move and a glyph (section 8.2.3.8). */
function splitSuffix(word: string): readonly [bare: string, glyph: number | undefined] {
  const sign = /[!?]+$/.exec(word)?.[0] ?? '';
  const glyph = SUFFIX_GLYPHS[sign];
  return glyph === undefined ? [word, undefined] : [word.slice(0, word.length - sign.length), glyph];
}

function endOfLine(text: string, from: number): number {
  const end = text.indexOf('\n', from);
  return end < 0 ? text.length : end;
}

/**
 * Finds the ends of brace comments, which do not nest (section 5). One that never ends takes what stands before the next line that
 * begins a tag pair after a blank line, so that the games behind it are not lost. The next closing brace is remembered: a hostile file
 * is not searched to its end for every opening one.
 */
function findCommentEnds(text: string) {
  let close = 0;
  return (from: number): { readonly end: number; readonly isOpen: boolean } => {
    if (close >= 0 && close < from) close = text.indexOf('}', from);
    const inside = text.slice(from, close < 0 ? text.length : close);
    const game = /\n[ \t\r]*\n\[\s*[A-Za-z0-9_]+\s+"/.exec(inside);
    if (game !== null) return { end: from + game.index, isOpen: true };
    return close < 0 ? { end: text.length, isOpen: true } : { end: close + 1, isOpen: false };
  };
}

function tidy(text: string): string {
  return text.replace(/\s+/g, ' ').trim();
}

function countLines(text: string, from: number, to: number): number {
  let count = 0;
  for (let at = from; at < to; at += 1) if (text.charAt(at) === '\n') count += 1;
  return count;
}
