import { MATES } from '../../../tests/fixtures/mates';
import { positionOf } from '../../../tests/fixtures/positions';
import { keysByChessJs, matesByChessJs, openBare } from '../../../tests/fixtures/referenceProver';
import { makeMoveText } from '../notation';
import { createMateSearch } from '.';

const search = createMateSearch();

/** All of one and two moves here; three moves, the ordinary positions and random play with --long. */
test.each(MATES.filter(({ mate }) => mate <= 2))(
  '$fen: a slow prover on a reference library agrees',
  ({ fen, mate }) => {
    const result = search.prove(positionOf(fen), { maxMoves: mate });
    if (result.kind !== 'mate') throw new Error(result.kind);
    expect(result.mateInMoves).toBe(mate);
    for (let shorter = 1; shorter < mate; shorter += 1)
      expect(matesByChessJs(openBare(fen), shorter)).toBe(false);
    expect(result.keys.map(makeMoveText).sort()).toEqual(keysByChessJs(fen, mate));
  },
);

test('the bench set is what it says it is', () => {
  expect(MATES.length).toBeGreaterThanOrEqual(60);
  expect(MATES.filter(({ isQuiet }) => isQuiet).length * 3).toBeGreaterThanOrEqual(MATES.length);
  for (const { fen, mate } of MATES.filter((one) => one.mate <= 4)) {
    expect({ fen, mate: search.findLength(positionOf(fen), mate) }).toEqual({ fen, mate });
  }
});
