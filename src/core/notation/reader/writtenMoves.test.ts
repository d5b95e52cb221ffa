/** Moves as they are said and written in classrooms, by kind: nearly all are read, and nothing is read that means no move. */
import { MEANT, UNCLEAR } from '../../../../tests/fixtures/writtenMoves';
import { positionOf } from '../../../../tests/fixtures/positions';
import { parseFen } from '../fen';
import { readMove, readMoveOn, readSpokenSquare } from '.';

const KINDS = [...new Set(MEANT.map(({ kind }) => kind))];
/** Of every hundred texts of a kind. */
const LEAST_READ = 95;

test('there are four hundred texts', () => {
  expect(MEANT.reduce((sum, { texts }) => sum + texts.length, 0)).toBeGreaterThanOrEqual(400);
});

test.each(KINDS)('%s', (kind) => {
  const asked = MEANT.filter((one) => one.kind === kind).flatMap(({ fen, san, texts }) =>
    texts.map((text) => ({ fen, san, text })),
  );
  const missed: string[] = [];
  for (const { fen, san, text } of asked) {
    const read = readMove(positionOf(fen), text);
    if (read.kind === 'wrong') missed.push(text);
    // Never another move than the one that is meant.
    else expect([text, read.san]).toEqual([text, san]);
  }
  // One in twenty may be missed; of few texts, one.
  const most = Math.max(1, Math.floor((asked.length * (100 - LEAST_READ)) / 100));
  expect(missed.slice(most)).toEqual([]);
});

test('of all of them, nineteen of twenty are read', () => {
  const read = MEANT.flatMap(({ fen, texts }) =>
    texts.map((text) => readMove(positionOf(fen), text).kind !== 'wrong'),
  );
  expect(read.filter(Boolean).length).toBeGreaterThanOrEqual((read.length * LEAST_READ) / 100);
});

test.each(UNCLEAR)('no move: $kind, $fen', ({ fen, texts }) => {
  const read = texts.flatMap((text) => {
    const one = readMove(positionOf(fen), text);
    return one.kind === 'wrong' ? [] : [`${text}: ${one.san}`];
  });
  expect(read).toEqual([]);
});

test('what is said is a remark, and so is another language', () => {
  const start = positionOf('rnbqkbnr/pppppppp/8/8/8/8/PPPPPPPP/RNBQKBNR w KQkq - 0 1');
  expect(readMove(start, 'horse to f three')).toMatchObject({ diagnoses: ['spoken-words'] });
  expect(readMove(start, 'Springer f3')).toMatchObject({ diagnoses: ['foreign-letter', 'spoken-words'] });
  expect(readMove(start, 'knight f3 check')).toMatchObject({ diagnoses: ['false-check', 'spoken-words'] });
});

test('the captured pawn’s square for the one where the capturer lands has a reason of its own', () => {
  const passing = positionOf('4k3/8/8/6pP/8/8/8/4K3 w - g6 0 1');
  expect(readMove(passing, 'hxg5')).toEqual({
    kind: 'wrong',
    reason: { code: 'illegal-en-passant', to: 38, landing: 46 },
  });
});

test.each([
  ['the h2', 15],
  ['h two', 15],
  ['H 2', 15],
  ['square e five', undefined],
  ['h2 h3', undefined],
  ['horse', undefined],
] as const)('the square that is said: %s', (text, square) => {
  expect(readSpokenSquare(text)).toBe(square);
});

test('a board without kings takes the same words', () => {
  const board = parseFen('8/8/8/R2n4/8/8/8/8 w - - 0 1');
  if (!board.ok) throw new Error('a board');
  expect(readMoveOn(board.value, 'rook takes knight')).toMatchObject({ kind: 'tolerable', san: 'Rxd5' });
  expect(readMoveOn(board.value, 'Ra8')).toMatchObject({ kind: 'exact' });
  expect(readMoveOn(board.value, 'castle').kind).toBe('wrong');
});
