import { parseMovetext, type WrittenLine } from '.';

/** The tree as nested lists of texts, variations behind their move. */
type Shape = readonly (string | Shape)[];
const shapeOf = (line: WrittenLine): Shape =>
  line.flatMap(({ text, variations }) => [text, ...variations.map(shapeOf)]);
const read = (text: string) => {
  const parsed = parseMovetext(text);
  return parsed.ok ? shapeOf(parsed.value) : parsed.error;
};

// PGN standard, sections 8.2 and 8.2.5: numbers, comments, glyphs, variations, results.
test.each<[string, unknown]>([
  ['1 Qg6 hxg6 2 Rh3#', ['Qg6', 'hxg6', 'Rh3#']],
  ['1.Qg6 hxg6 2.Rh3# 1-0', ['Qg6', 'hxg6', 'Rh3#']],
  ['1... Qe2+ 2. Kg1 Qe1#', ['Qe2+', 'Kg1', 'Qe1#']],
  ['1…Qe2+', ['Qe2+']],
  ['1 Qg6!! {a quiet move} hxg6? $2 2 Rh3# *', ['Qg6', 'hxg6', 'Rh3#']],
  ['1 Qg6 ; to the end of the line 2 Nf3\nhxg6', ['Qg6', 'hxg6']],
  [
    '1 Qg6 hxg6 (1... fxg6 2 Ne7#) (1... Kh8 2 Qh7#) 2 Rh3#',
    ['Qg6', 'hxg6', ['fxg6', 'Ne7#'], ['Kh8', 'Qh7#'], 'Rh3#'],
  ],
  ['1 O-O (1 0-0-0) Kf8', ['O-O', ['0-0-0'], 'Kf8']],
  ['1 a (b (c) d) e', ['a', ['b', ['c'], 'd'], 'e']],
])('%s', (text, shape) => expect(read(text)).toEqual(shape));

test.each([
  ['', 'movetext/empty'],
  ['1. 2. *', 'movetext/empty'],
  ['1 Qg6 {no end', 'movetext/open-comment'],
  ['1 Qg6 (1 Qh7', 'movetext/open-bracket'],
  ['1 Qg6) Kh8', 'movetext/stray-bracket'],
  ['(1 Qg6)', 'movetext/stray-bracket'],
  [`a ${'(a '.repeat(60)}`, 'movetext/too-deep'],
  ['x'.repeat(70_000), 'movetext/too-long'],
])('%s is refused: %s', (text, code) => expect(read(text)).toMatchObject({ code }));

test('a fault says where', () => {
  expect(read('1 Qg6 (1 Qh7')).toEqual({ code: 'movetext/open-bracket', at: 6 });
});
