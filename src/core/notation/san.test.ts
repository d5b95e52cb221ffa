import { positionOf, randomPositions } from '../../../tests/fixtures/positions';
import { listLegalMoves } from '../rules';
import { makeMoveText, parseMoveText } from './coordinates';
import { makeNumberedLine, makeSan, parseSan } from './san';

test('every legal move of 200 random positions reads back from its SAN and from its squares', () => {
  let moves = 0;
  for (const position of randomPositions(9, 200)) {
    for (const move of listLegalMoves(position)) {
      expect(parseSan(position, makeSan(position, move))).toEqual({ ok: true, value: move });
      expect(parseMoveText(makeMoveText(move))).toEqual(move);
      moves += 1;
    }
  }
  expect(moves).toBeGreaterThan(3000);
});

/** Examples of the PGN standard, section 8.2.3.4: disambiguation by file, by rank, by both, and not against a pinned man. */
test.each([
  ['4k3/8/8/8/8/8/8/R3K2R w - - 0 1', 'a1d1', 'Rd1'],
  ['4k3/8/8/8/8/4K3/8/R6R w - - 0 1', 'a1d1', 'Rad1'],
  ['4k3/8/8/R7/8/8/8/R3K3 w - - 0 1', 'a5a3', 'R5a3'],
  ['8/7k/8/8/Q2Q4/8/8/Q3K3 w - - 0 1', 'a4d1', 'Qa4d1'],
  ['4r1k1/8/8/8/8/4N3/8/N3K3 w - - 0 1', 'a1c2', 'Nc2'],
  ['6k1/4P3/8/8/8/8/8/4K3 w - - 0 1', 'e7e8q', 'e8=Q+'],
  ['6k1/5ppp/8/8/8/8/8/R5K1 w - - 0 1', 'a1a8', 'Ra8#'],
  ['4k3/8/8/3pP3/8/8/8/4K3 w - d6 0 1', 'e5d6', 'exd6'],
] as const)('%s %s is %s', (fen, text, san) => {
  const move = parseMoveText(text);
  expect(move && makeSan(positionOf(fen), move)).toBe(san);
});

test('castling reads with letters and with zeros', () => {
  const position = positionOf('4k3/8/8/8/8/8/8/R3K2R w KQ - 0 1');
  for (const text of ['O-O', '0-0']) expect(parseSan(position, text)).toMatchObject({ value: { to: 6 } });
  for (const text of ['O-O-O', '0-0-0']) expect(parseSan(position, text)).toMatchObject({ value: { to: 2 } });
});

test.each([
  ['hello', 'san/not-a-move'],
  ['Qd4', 'san/no-such-move'],
  ['Rd1', 'san/ambiguous'],
] as const)('%s is refused as %s', (text, code) => {
  const position = positionOf('4k3/8/8/8/8/4K3/8/R6R w - - 0 1');
  expect(parseSan(position, text)).toMatchObject({ ok: false, error: { code } });
});

test('a line starts with dots when Black moves first', () => {
  const position = positionOf('r5k1/8/8/8/8/8/5PPP/6K1 b - - 0 1');
  expect(makeNumberedLine(position, [{ from: 56, to: 0 }])).toBe('1... Ra1#');
});
