import { PERFT, positionOf, randomPositions } from '../../../tests/fixtures/positions';
import { movesByChessJs, movesByChessops, movesByKokopu } from '../../../tests/fixtures/referenceMoves';
import { makeFen, makeMoveText } from '../notation';
import { listSearchMoves } from '../search';
import { createRandom, pickOne } from '../shared';
import { listLegalMoves, playMove, type Position } from '.';

const SEED = 31_415;
const COUNT = 20_000;

/** Random games from the standard positions too: they are full of pins, promotions that take a home rook, and castling. */
function* manyPositions(): Generator<Position> {
  yield* randomPositions(SEED, COUNT / 2);
  const random = createRandom(SEED);
  for (let made = 0; made < COUNT / 2;) {
    let position = positionOf(pickOne(random, PERFT).fen);
    for (let ply = 0; ply < 20 && made < COUNT / 2; ply += 1) {
      const moves = listLegalMoves(position);
      if (moves.length === 0) break;
      position = playMove(position, pickOne(random, moves));
      made += 1;
      yield position;
    }
  }
}

test('20,000 positions: rules, search board and three reference libraries list the same moves', () => {
  let compared = 0;
  for (const position of manyPositions()) {
    const fen = makeFen(position);
    const moves = listLegalMoves(position).map(makeMoveText).sort();
    const hint = `seed ${SEED}, position ${compared}: ${fen}`;
    expect({ hint, moves: listSearchMoves(position).map(makeMoveText).sort() }).toEqual({ hint, moves });
    expect({ hint, moves: movesByChessJs(fen) }).toEqual({ hint, moves });
    expect({ hint, moves: movesByKokopu(fen) }).toEqual({ hint, moves });
    expect({ hint, moves: movesByChessops(fen) }).toEqual({ hint, moves });
    compared += 1;
  }
  expect(compared).toBe(COUNT);
}, 900_000);
