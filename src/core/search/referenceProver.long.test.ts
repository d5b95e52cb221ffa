import { MATES, ORDINARY } from '../../../tests/fixtures/mates';
import { positionOf, randomPositions } from '../../../tests/fixtures/positions';
import { keysByChessJs, matesByChessJs, openBare } from '../../../tests/fixtures/referenceProver';
import { makeFen, makeMoveText } from '../notation';
import type { Position } from '../rules';
import { createMateSearch } from '.';

const search = createMateSearch();

/** Length and keys by both, as one text each. */
function compare(position: Position, most: number): { ours: string; theirs: string } {
  const fen = makeFen(position);
  const result = search.prove(position, { maxMoves: most });
  const ours =
    result.kind === 'mate'
      ? `${result.mateInMoves}: ${result.keys.map(makeMoveText).sort().join(' ')}`
      : result.kind;
  for (let moves = 1; moves <= most; moves += 1) {
    if (matesByChessJs(openBare(fen), moves)) {
      return { ours: `${fen} ${ours}`, theirs: `${fen} ${moves}: ${keysByChessJs(fen, moves).join(' ')}` };
    }
  }
  return { ours: `${fen} ${ours}`, theirs: `${fen} none` };
}

test('300 positions of random play: the slow prover on a reference library finds the same length and keys', () => {
  let mates = 0;
  for (const position of randomPositions(1_618, 300)) {
    const plain = { ...position, halfmoves: 0, fullmoves: 1 } as Position;
    const { ours, theirs } = compare(plain, 2);
    expect(ours).toBe(theirs);
    if (!theirs.endsWith('none')) mates += 1;
  }
  expect(mates).toBeGreaterThan(5);
}, 900_000);

/** 31 mates in one to three and 26 ordinary middlegames of the bench, and mates in four as far as three moves. */
const CHOSEN = [
  ...MATES.filter(({ mate }) => mate <= 3).map(({ fen, mate }) => ({ fen, most: mate })),
  ...ORDINARY.map((fen) => ({ fen, most: 2 })),
  ...MATES.filter(({ mate }) => mate === 4)
    .slice(0, 6)
    .map(({ fen }) => ({ fen, most: 2 })),
];

test(`${CHOSEN.length} chosen positions: the same length and keys`, () => {
  expect(CHOSEN.length).toBeGreaterThanOrEqual(60);
  for (const { fen, most } of CHOSEN) {
    const { ours, theirs } = compare(positionOf(fen), most);
    expect(ours).toBe(theirs);
  }
}, 900_000);
