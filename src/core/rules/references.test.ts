import { PERFT, positionOf, randomPositions } from '../../../tests/fixtures/positions';
import { movesByChessJs, movesByChessops, movesByKokopu } from '../../../tests/fixtures/referenceMoves';
import { openChessops, perftByChessops } from '../../../tests/fixtures/referencePerft';
import { makeFen, makeMoveText } from '../notation';
import { listSearchMoves, searchPerft, searchPerftPlayed } from '../search';
import { listLegalMoves } from '.';

/** The rare cases by name (FIDE Laws of Chess, articles 3.7.3.1 en passant, 3.8 castling, 3.9 check), made for this test. */
const RARE: readonly (readonly [name: string, fen: string])[] = [
  ['en passant uncovers a rook along the rank', '8/8/8/8/k2Pp2R/8/8/4K3 b - d3 0 1'],
  ['en passant uncovers a bishop along the diagonal', '4k3/8/8/K2pP3/8/8/8/b7 w - d6 0 1'],
  ['the capturing pawn is pinned along its file', '4k3/8/8/8/3Pp3/8/8/4RK2 b - d3 0 1'],
  ['the capturing pawn is pinned along the diagonal it takes on', '8/8/6k1/8/3pP3/8/8/1B4K1 b - e3 0 1'],
  ['en passant takes the pawn that gives check', '8/8/8/2k5/3Pp3/8/8/4K3 b - d3 0 1'],
  ['en passant steps between king and rook', '4r3/8/8/3pP3/8/8/8/4K2k w - d6 0 1'],
  ['castling through attack', '4kr2/8/8/8/8/8/8/R3K2R w KQ - 0 1'],
  ['castling out of check', '4r1k1/8/8/8/8/8/8/R3K2R w KQ - 0 1'],
  ['castling long with the b-file attacked', '1r2k3/8/8/8/8/8/8/R3K2R w KQ - 0 1'],
  ['castling into check', '4k1r1/8/8/8/8/8/8/R3K2R w KQ - 0 1'],
  ['a promotion takes a home rook', 'r3k2r/1P4P1/8/8/8/8/8/4K3 w kq - 0 1'],
  ['a pawn that could promote is pinned along its row', 'k7/r2PK3/8/8/8/8/8/8 w - - 0 1'],
  ['double check', '4k3/8/8/1B6/8/8/4R3/4K3 b - - 0 1'],
];

test.each(RARE)('%s', (_name, fen) => {
  const position = positionOf(fen);
  const moves = listLegalMoves(position).map(makeMoveText).sort();
  expect(listSearchMoves(position).map(makeMoveText).sort()).toEqual(moves);
  expect(movesByChessJs(fen)).toEqual(moves);
  expect(movesByKokopu(fen)).toEqual(moves);
  expect(movesByChessops(fen)).toEqual(moves);
});

test('300 positions of random play: the same moves by our rules and three reference libraries', () => {
  let compared = 0;
  for (const position of randomPositions(2_718, 300)) {
    const fen = makeFen(position);
    const moves = listLegalMoves(position).map(makeMoveText).sort();
    const hint = `seed 2718, position ${compared}: ${fen}`;
    expect({ hint, moves: movesByChessJs(fen) }).toEqual({ hint, moves });
    expect({ hint, moves: movesByKokopu(fen) }).toEqual({ hint, moves });
    expect({ hint, moves: movesByChessops(fen) }).toEqual({ hint, moves });
    compared += 1;
  }
  expect(compared).toBe(300);
});

test.each(PERFT)(
  '$fen: every way of counting to three plies gives the published figure',
  ({ fen, counts }) => {
    const position = positionOf(fen);
    const figure = counts[2];
    expect(searchPerft(position, 3)).toBe(figure);
    expect(searchPerftPlayed(position, 3)).toBe(figure);
    expect(perftByChessops(openChessops(fen), 3, true)).toBe(figure);
    expect(perftByChessops(openChessops(fen), 3, false)).toBe(figure);
  },
);
