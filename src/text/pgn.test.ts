/** What a coach reads of a file of games: with line and move, for each kind of warning and fault. */
import { decodePgn, readPgn } from '@/core/notation';
import { encodingFaultText, pgnFaultText, pgnWarningText, PLAIN_TERMS } from '.';

const warningsOf = (text: string) =>
  [...readPgn(text)].flatMap(({ warnings }) => warnings.map(pgnWarningText));
const faultsOf = (text: string) =>
  [...readPgn(text)].flatMap(({ fault }) => (fault === undefined ? [] : [pgnFaultText(fault, PLAIN_TERMS)]));

test.each([
  ['1. e4', ['Line 1: the game has no result at its end.']],
  ['[Result "1-0"]\n\n1. e4 0-1', ['Line 3: the tag says 1-0, the game ends with 0-1. The end counts.']],
  ['[White "a"]\n[no tag]\n\n1. e4 *', ['Line 2: "[no tag]" is not a tag pair. It was skipped.']],
  ['1. e4 +- *', ['Line 1: "+-" says nothing about the moves. It was skipped.']],
  ['1. e4 ) *', ['Line 1: a bracket is closed that was never opened.']],
  ['( 1. d4) 1. e4 *', ['Line 1: a bracket is opened where no variation can begin, or never closed.']],
  ['[White "a"]\n[White "b"]\n\n*', ['Line 2: the tag White is there twice. The first one counts.']],
  [`[White "${'a'.repeat(501)}"]\n\n*`, ['Line 1: a tag has more than 500 letters. The rest was cut off.']],
  [`1. e4 {${'a'.repeat(5001)}} *`, ['Line 1: a comment has more than 5000 letters. The rest was cut off.']],
  ['1. e2-e4 *', ['Line 1: "e2-e4" was read as e4.']],
  ['1. e4\n(1. d5) *', ['Line 2: a variation ends before "d5", which cannot be played there.']],
])('%j', (text, sentences) => {
  expect(warningsOf(text)).toEqual(sentences);
});

test('a tag too many is named', () => {
  const tags = Array.from({ length: 101 }, (_, index) => `[T${index} "x"]`).join('\n');
  expect(warningsOf(`${tags}\n\n*`)).toEqual([
    'Line 101: the tag T100 was left out: a game has at most 100 tags.',
  ]);
});

test.each([
  ['1. e4 e5\n2. Ke3 *', 'Line 2: 2. Ke3 cannot be played. No white king can go to'],
  ['[FEN "x"]\n\n*', 'Line 1: the position it begins with cannot be used. A FEN has 6 parts'],
  [
    '[FEN "8/8/8/8/8/8/8/8 w - - 0 1"]\n\n*',
    'Line 1: the position it begins with cannot be used. White has no king.',
  ],
  ['1. e4\n{never', 'Line 2: a comment begins here and never ends.'],
  [`1. e4 ${'(1. d4 '.repeat(70)}`, 'Line 1: too many variations inside one another.'],
])('%j', (text, sentence) => {
  expect(faultsOf(text).map((told) => told.slice(0, sentence.length))).toEqual([sentence]);
});

test('a file that is no text is named with the byte', () => {
  const decoded = decodePgn(Uint8Array.from([80, 75, 3, 4]));
  expect(decoded.ok ? '' : encodingFaultText(decoded.error)).toBe(
    'This is not a text file: byte 3 is not a letter, sign or line end.',
  );
});
