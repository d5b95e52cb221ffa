import { randomPositions } from '../../../tests/fixtures/positions';
import { fileOf, rankOf, type Board, type Square } from '../board';
import { makeFen, makeMoveText } from '../notation';
import { swapColours } from '../rules';
import { NO_CASTLING, type Move, type Position } from '../rules';
import { createMateSearch } from '.';

const search = createMateSearch();

const mapMoves = (moves: readonly Move[], map: (square: Square) => Square) =>
  moves
    .map(({ from, to, promotion }) =>
      makeMoveText({ from: map(from), to: map(to), ...(promotion && { promotion }) }),
    )
    .sort();

/** Left and right exchanged; without castling the play is the same. */
const mirrorSquare = (square: Square) => rankOf(square) * 8 + (7 - fileOf(square));

function mirror(position: Position): Position {
  const board: Board = position.board.map((_, square) => position.board[mirrorSquare(square)]);
  const { enPassant } = position;
  return { ...position, board, enPassant: enPassant === undefined ? undefined : mirrorSquare(enPassant) };
}

test('seen from the other side or in a mirror, a position has the same mate and the same keys, turned with it', () => {
  const found = { mate: 0, none: 0 };
  for (const drawn of randomPositions(404, 1500)) {
    const position: Position = { ...drawn, castling: NO_CASTLING };
    const result = search.prove(position, { maxMoves: 2 });
    const fen = makeFen(position);
    const turned = [
      { other: swapColours(position), map: (square: Square) => square ^ 56 },
      { other: mirror(position), map: mirrorSquare },
    ];
    for (const { other, map } of turned) {
      const theirs = search.prove(other, { maxMoves: 2 });
      expect({ fen, kind: theirs.kind }).toEqual({ fen, kind: result.kind });
      if (result.kind !== 'mate' || theirs.kind !== 'mate') continue;
      expect({ fen, moves: theirs.mateInMoves }).toEqual({ fen, moves: result.mateInMoves });
      expect({ fen, keys: theirs.keys.map(makeMoveText).sort() }).toEqual({
        fen,
        keys: mapMoves(result.keys, map),
      });
    }
    found[result.kind === 'mate' ? 'mate' : 'none'] += 1;
  }
  expect(found.mate).toBeGreaterThan(10);
  expect(found.none).toBeGreaterThan(100);
});
