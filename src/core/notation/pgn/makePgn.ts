/** Writes a game in the export format of the PGN standard (section 8): the same game gives the same text. */
import { INITIAL_POSITION, playMove, type Position } from '../../rules';
import { makeFen } from '../fen';
import type { PgnGame, PgnLine, PgnMove } from './game';

/** The seven tags every game has, in their order (section 8.1.1), with what stands for the unknown. */
const ROSTER: readonly (readonly [name: string, unknown: string])[] = [
  ['Event', '?'],
  ['Site', '?'],
  ['Date', '????.??.??'],
  ['Round', '?'],
  ['White', '?'],
  ['Black', '?'],
];
/** Lines are shorter than 80 signs (section 4.3). */
const WIDTH = 79;

/** The game with tags, moves, comments, glyphs, variations and result, a blank line after it. */
export function makePgn({ tags, start, line, result }: PgnGame): string {
  const fen = makeFen(start);
  const own = new Set([...ROSTER.map(([name]) => name), 'Result', 'SetUp', 'FEN']);
  const others = [...tags].filter(([name]) => !own.has(name) && /^[A-Za-z0-9_]+$/.test(name));
  const pairs: readonly (readonly [string, string])[] = [
    ...ROSTER.map(([name, unknown]) => [name, tags.get(name) ?? unknown] as const),
    ['Result', result],
    // In the order of their names (section 8.1.1).
    ...[
      ...others,
      ...(fen === makeFen(INITIAL_POSITION)
        ? []
        : ([
            ['FEN', fen],
            ['SetUp', '1'],
          ] as const)),
    ].toSorted(([one], [other]) => (one < other ? -1 : 1)),
  ];
  const head = pairs.map(([name, value]) => `[${name} "${escapeTag(value)}"]`).join('\n');
  return `${head}\n\n${wrap([...listWords(start, line), result])}\n\n`;
}

/** A quote and a backslash get a backslash before them (section 7); a value stands on one line. */
function escapeTag(value: string): string {
  return value.replace(/[\u0000-\u001f\u007f]+/g, ' ').replace(/["\\]/g, '\\$&');
}

/** Moves with their numbers, glyphs, comments and variations, as words that are put on lines. */
function listWords(start: Position, line: PgnLine): string[] {
  const words: string[] = [];
  let position = start;
  // A number is said again where something has come between (section 8.2.2).
  let isNumberDue = true;
  for (const move of line) {
    words.push(...move.before.flatMap(commentWords));
    if (position.turn === 'white') words.push(`${position.fullmoves}.`);
    else if (isNumberDue || move.before.length > 0) words.push(`${position.fullmoves}...`);
    words.push(move.san, ...tailOf(move), ...move.variations.flatMap(inBrackets(position)));
    isNumberDue = move.after.length > 0 || move.variations.length > 0;
    position = playMove(position, move.move);
  }
  return words;
}

function tailOf({ glyphs, after }: PgnMove): string[] {
  return [...glyphs.map((glyph) => `$${glyph}`), ...after.flatMap(commentWords)];
}

const inBrackets = (position: Position) => (line: PgnLine) => {
  const words = listWords(position, line);
  const last = words.length - 1;
  return words.map((word, at) => `${at === 0 ? '(' : ''}${word}${at === last ? ')' : ''}`);
};

/** A comment cannot hold its own closing brace. */
function commentWords(text: string): string[] {
  const words = text
    .replaceAll('}', ')')
    .split(/\s+/)
    .filter((word) => word !== '');
  const last = words.length - 1;
  return words.map((word, at) => `${at === 0 ? '{' : ''}${word}${at === last ? '}' : ''}`);
}

function wrap(words: readonly string[]): string {
  const lines: string[] = [];
  let line = '';
  for (const word of words) {
    if (line !== '' && line.length + 1 + word.length <= WIDTH) {
      line += ` ${word}`;
      continue;
    }
    if (line !== '') lines.push(line);
    // A line that begins with this sign would be passed over (section 6).
    line = word.startsWith('%') ? ` ${word}` : word;
  }
  return [...lines, line].join('\n');
}
