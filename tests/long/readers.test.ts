/**
 * A million inputs over all readers of text from people: none throws, hangs or says nothing. Drawn by fast-check from a seed, and shrunk to the
 * shortest input that fails.
 */
import fc from 'fast-check';
import {
  decodePgn,
  getPosition,
  makeFen,
  makeSan,
  parseEpd,
  parseFen,
  parseMovetext,
  parseMoveText,
  parseSan,
  readMove,
  readPgn,
} from '@/core/notation';
import { checkPosition, isSameMove, listLegalMoves } from '@/core/rules';
import { listPositions } from '@/workers/tasks/listPositions';
import { readTable } from '@/workers/tasks/readTable';

jest.setTimeout(3_600_000);

const INPUTS = 1_000_000;
const SEED = 20261130;

const FENS = [
  'rnbqkbnr/pppppppp/8/8/8/8/PPPPPPPP/RNBQKBNR w KQkq - 0 1',
  'r3k2r/p1ppqpb1/bn2pnp1/3PN3/1p2P3/2N2Q1p/PPPBBPPP/R3K2R w KQkq - 0 1',
  '8/2p5/3p4/KP5r/1R3p1k/8/4P1P1/8 w - - 0 1',
  '8/P6k/8/8/8/8/6K1/8 w - - 0 1',
];
const POSITIONS = FENS.map((fen) => getPosition(fen));
const SEEDS = [
  ...FENS,
  `${FENS[3] ?? ''} bm a8=Q; acd 4; id "a; b";`,
  'Nf3',
  'exd8=Q+',
  'O-O-O#',
  'e2-e4',
  'S g1 f3',
  'bxc3 e.p.',
  '1. e4 e5 2. Nf3 (2. f4 exf4 {taken} 3. Nf3) 2... Nc6 $1 3. Bb5 a6 1/2-1/2',
  '[Event "A"]\n[Site "B \\"c\\""]\n[FEN "8/P6k/8/8/8/8/6K1/8 w - - 0 1"]\n\n1. a8=Q Kg7 *\n\n[Event "D"]\n\n1. d4 *\n',
  'name;fen\n"Pip, the first";8/P6k/8/8/8/8/6K1/8 w - - 0 1\n',
];
const PIECES = [
  ...Array.from('KQRBNPkqrbnp/0123456789.-+#=x()[]{}$;,"%\\ \t\n'),
  '\u0000',
  '\uFEFF',
  '½',
  'é',
  '🙂',
  '..',
  '0-0',
  'ep',
];

/** A text of people, as it comes after somebody has cut it, doubled it or put something else into it. */
const spoiled = fc
  .tuple(
    fc.constantFrom(...SEEDS),
    fc.array(
      fc.tuple(
        fc.constantFrom('cut', 'double', 'put', 'exchange'),
        fc.nat(400),
        fc.nat(40),
        fc.oneof(fc.constantFrom(...PIECES), fc.string({ maxLength: 6, unit: 'binary' })),
      ),
      { maxLength: 6 },
    ),
  )
  .map(([seed, changes]) =>
    changes.reduce((text, [how, at, length, piece]) => {
      const from = at % (text.length + 1);
      const [before, middle, after] = [
        text.slice(0, from),
        text.slice(from, from + length),
        text.slice(from + length),
      ];
      if (how === 'cut') return before + after;
      if (how === 'double') return before + middle + middle + after;
      return how === 'put' ? before + piece + middle + after : before + piece + after;
    }, seed),
  );
const made = fc.array(fc.constantFrom(...PIECES), { maxLength: 60 }).map((pieces) => pieces.join(''));
const text = fc.oneof(
  { weight: 3, arbitrary: spoiled },
  { weight: 1, arbitrary: made },
  { weight: 1, arbitrary: fc.string({ maxLength: 80, unit: 'binary' }) },
);
const position = fc.constantFrom(...POSITIONS);
const encode = (input: string) => new TextEncoder().encode(input);

/** Each says with a failed expectation what is wrong with its reading of a text. */
const READERS: readonly (readonly [string, fc.IPropertyWithHooks<[string, (typeof POSITIONS)[number]]>])[] = [
  check('a FEN that is read is read the same when it is written', (input) => {
    const read = parseFen(input);
    if (!read.ok) return;
    const checked = checkPosition(read.value);
    if (!checked.ok) return;
    const again = parseFen(makeFen(checked.value));
    expect(again.ok && makeFen(getPosition(makeFen(checked.value)))).toBe(makeFen(checked.value));
  }),
  check('an EPD', (input) => {
    const read = parseEpd(input);
    if (read.ok) expect(checkPosition(read.value.draft)).toBeDefined();
    else expect(read.error.code).not.toBe('');
  }),
  check('two squares', (input) => {
    const move = parseMoveText(input);
    if (move !== undefined) expect(input).toMatch(/^[a-h][1-8][a-h][1-8][qrbn]?$/);
  }),
  check('a move in SAN is a legal one', (input, at) => {
    const read = parseSan(at, input);
    if (read.ok) expect(listLegalMoves(at).some((move) => isSameMove(move, read.value))).toBe(true);
  }),
  check('a written move is a legal one, by its standard form', (input, at) => {
    const read = readMove(at, input);
    const sans = new Set(listLegalMoves(at).map((move) => makeSan(at, move)));
    if ('san' in read && typeof read.san === 'string') expect(sans).toContain(read.san);
  }),
  check('movetext', (input) => {
    expect(parseMovetext(input)).toBeDefined();
  }),
  check('PGN', (input) => {
    const decoded = decodePgn(encode(input));
    if (decoded.ok) expect([...readPgn(decoded.value)]).toBeDefined();
  }),
  check('positions of any kind', (input) => {
    const listed = listPositions(encode(input));
    if (typeof listed !== 'string')
      for (const one of listed) if (one.kind === 'position') expect(parseFen(one.fen).ok).toBe(true);
  }),
  check('a table', (input) => {
    const read = readTable({ kind: 'read-table', text: input, mostRows: 20, mostCells: 5 });
    if (read.kind === 'table') expect(read.rows.every(({ cells }) => cells.length <= 5)).toBe(true);
    else expect(read.line).toBeGreaterThan(0);
  }),
];

function check(name: string, run: (input: string, at: (typeof POSITIONS)[number]) => void) {
  return [name, fc.property(text, position, run)] as const;
}

test.each(READERS)('%s', (_, property) => {
  fc.assert(property, { seed: SEED, numRuns: Math.ceil(INPUTS / READERS.length) });
});
