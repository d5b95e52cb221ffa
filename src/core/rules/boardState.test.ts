import { Chess } from 'chess.js';
import { randomPositions } from '../../../tests/fixtures/positions';
import { getDraft, makeFen } from '../notation';
import { findBoardState } from '.';

test.each([
  [
    'White has moved twice, and Black stands in check though it is White’s turn',
    '4k3/8/8/8/8/8/8/K3R3 w - - 0 1',
    'check',
  ],
  ['check', '4k3/8/8/8/8/8/8/K3R3 b - - 0 1', 'check'],
  ['mate', 'R5k1/5ppp/8/8/8/8/8/K7 b - - 0 1', 'mate'],
  ['stalemate', 'k7/2Q5/1K6/8/8/8/8/8 b - - 0 1', 'stalemate'],
  ['bare kings', 'k7/8/1K6/8/8/8/8/8 w - - 0 1', 'dead'],
  ['one king alone is mated all the same', 'R5k1/5ppp/8/8/8/8/8/8 b - - 0 1', 'mate'],
  ['no kings', '8/8/8/3n4/8/8/8/R7 w - - 0 1', undefined],
  ['a game that goes on', '4k3/8/8/8/8/8/8/K3R2B w - - 0 1', 'check'],
  ['an empty board', '8/8/8/8/8/8/8/8 w - - 0 1', undefined],
] as const)('%s', (_, fen, kind) => {
  expect(findBoardState(getDraft(fen))?.kind).toBe(kind);
});

test('of positions of games it says what chess.js says', () => {
  const seen = new Set<string>();
  for (const position of randomPositions(77, 400)) {
    const chess = new Chess(makeFen(position));
    const expected = chess.isCheckmate()
      ? 'mate'
      : chess.isStalemate()
        ? 'stalemate'
        : chess.isCheck()
          ? 'check'
          : chess.isInsufficientMaterial()
            ? 'dead'
            : 'goes-on';
    seen.add(expected);
    const found = findBoardState(position)?.kind ?? 'goes-on';
    expect([makeFen(position), found]).toEqual([makeFen(position), expected]);
  }
  expect(seen.has('check')).toBe(true);
});
