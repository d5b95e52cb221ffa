import { bruteMatingMoves } from '../../../tests/fixtures/bruteForce';
import { positionOf, randomPositions } from '../../../tests/fixtures/positions';
import { getMan, ROLES, type Man } from '../board';
import { makeFen, makeMoveText, makeNumberedLine, makeSan } from '../notation';
import { checkPosition, EMPTY_DRAFT, findOutcome, playMove, type Move, type Position } from '../rules';
import { createRandom, pickOne, randomBelow } from '../shared';
import { createMateSearch } from '.';

const search = createMateSearch();

/** A few men round a king in trouble: small enough for brute force, rich in mates, stalemates and promotions. */
function* smallPositions(seed: number, count: number): Generator<Position> {
  const random = createRandom(seed);
  for (let made = 0; made < count;) {
    const board: (Man | undefined)[] = EMPTY_DRAFT.board.slice();
    const put = (man: Man) => (board[randomBelow(random, 64)] = man);
    board[pickOne(random, [0, 1, 7, 24, 56, 59, 63])] = getMan('black', 'king');
    put(getMan('white', 'king'));
    for (let extra = 0; extra < 3; extra += 1) {
      put(getMan('white', pickOne(random, ROLES.slice(0, 5))));
      if (random() < 0.5) put(getMan('black', pickOne(random, ROLES.slice(0, 4))));
    }
    const checked = checkPosition({ ...EMPTY_DRAFT, board, turn: random() < 0.9 ? 'white' : 'black' });
    if (!checked.ok || findOutcome(checked.value) !== undefined) continue;
    made += 1;
    yield checked.value;
  }
}

const textsOf = (moves: readonly Move[]) => moves.map(makeMoveText).sort();

test('the prover agrees with brute force within two moves on 250 small positions, all keys included', () => {
  const found = { mate: 0, none: 0 };
  for (const position of smallPositions(41, 250)) {
    const keysOf = [1, 2].map((length) => textsOf(bruteMatingMoves(position, length)));
    const length = keysOf.findIndex((keys) => keys.length > 0) + 1;
    const result = search.prove(position, { maxMoves: 2 });
    const fen = makeFen(position);
    if (result.kind === 'mate') {
      const claim = { fen, length: result.mateInMoves, keys: textsOf(result.keys) };
      expect(claim).toEqual({ fen, length, keys: keysOf[length - 1] });
      found.mate += 1;
    } else {
      expect({ fen, result: result.kind, length }).toEqual({ fen, result: 'none', length: 0 });
      found.none += 1;
    }
  }
  // Both answers must occur often, or the comparison compares nothing.
  expect(Math.min(found.mate, found.none)).toBeGreaterThan(40);
});

test('three moves deep, on 12 small positions', () => {
  let mates = 0;
  for (const position of smallPositions(42, 12)) {
    const keys = textsOf(bruteMatingMoves(position, 3));
    const fen = makeFen(position);
    expect({ fen, keys: textsOf(search.listMatingMoves(position, 3)) }).toEqual({ fen, keys });
    expect({ fen, can: search.canMate(position, 3) }).toEqual({ fen, can: keys.length > 0 });
    if (keys.length > 0) mates += 1;
  }
  expect(mates).toBeGreaterThan(2);
});

/** Made for this test; each length and key was checked by the brute force above. */
test.each([
  { fen: '6k1/5ppp/8/8/8/8/8/R5K1 w - - 0 1', moves: 1, keys: ['Ra8#'] },
  // The side to move can be Black.
  { fen: 'r5k1/8/8/8/8/8/5PPP/6K1 b - - 0 1', moves: 1, keys: ['Ra1#'] },
  // Quiet keys: no check mates in two.
  { fen: '7k/8/5K2/8/8/8/8/R7 w - - 0 1', moves: 2, keys: ['Kf7', 'Kg6'] },
  // Only a knight will do.
  { fen: '6br/5Ppk/7p/8/8/8/8/K7 w - - 0 1', moves: 1, keys: ['f8=N#'] },
])('$fen: mate in $moves by $keys', ({ fen, moves, keys }) => {
  const position = positionOf(fen);
  const result = search.prove(position, { maxMoves: 3 });
  if (result.kind !== 'mate') throw new Error(result.kind);
  expect(
    bruteMatingMoves(position, moves)
      .map((move) => makeSan(position, move))
      .sort(),
  ).toEqual(result.keys.map((move) => makeSan(position, move)).sort());
  expect({
    moves: result.mateInMoves,
    keys: result.keys.map((move) => makeSan(position, move)).sort(),
  }).toEqual({
    moves,
    keys: [...keys].sort(),
  });
});

test('the main line is legal, as long as claimed, and ends in mate', () => {
  let lines = 0;
  for (const position of smallPositions(43, 200)) {
    const result = search.prove(position, { maxMoves: 3 });
    if (result.kind !== 'mate') continue;
    const end = result.line.reduce(playMove, position);
    expect(result.line).toHaveLength(2 * result.mateInMoves - 1);
    expect(makeNumberedLine(position, result.line)).toMatch(/#$/);
    expect(findOutcome(end)).toEqual({ kind: 'mate', winner: position.turn });
    lines += 1;
  }
  expect(lines).toBeGreaterThan(50);
});

describe('a proof that is cut short', () => {
  const middlegame = positionOf('r4rk1/1pp1qppp/p1np1n2/2b1p1B1/2B1P1b1/P1NP1N2/1PP1QPPP/R4RK1 w - - 0 10');

  test('stopped: says what was excluded until then', () => {
    const result = search.prove(middlegame, { maxMoves: 3 }, ({ noMateWithin }) =>
      noMateWithin >= 2 ? 'stop' : 'go',
    );
    expect(result).toMatchObject({ kind: 'undecided', noMateWithin: 2, why: 'stopped' });
  });

  test('out of budget: undecided, never "no mate"', () => {
    const result = search.prove(middlegame, { maxMoves: 3, budgetNodes: 2_000 });
    expect(result).toMatchObject({ kind: 'undecided', why: 'budget' });
  });

  test('the search is usable again afterwards', () => {
    expect(search.prove(middlegame, { maxMoves: 2 })).toMatchObject({ kind: 'none', within: 2 });
  });

  test('no report claims more than is proved, and none is late', () => {
    const reports: number[] = [];
    search.prove(middlegame, { maxMoves: 3 }, (report) => {
      expect(report.examining).toBe(report.noMateWithin + 1);
      reports.push(report.nodes);
      return 'go';
    });
    const gaps = reports.slice(1).map((nodes, index) => nodes - (reports[index] ?? 0));
    expect(Math.max(...gaps)).toBeLessThan(20_000);
  });
});

test('mates are found from either side of the board alike in random play', () => {
  let compared = 0;
  for (const position of randomPositions(77, 150)) {
    const keys = textsOf(bruteMatingMoves(position, 1));
    expect(textsOf(search.listMatingMoves(position, 1))).toEqual(keys);
    compared += 1;
  }
  expect(compared).toBe(150);
});

test('a length the table of bounds could not hold is refused, never answered', () => {
  const position = positionOf('4k3/8/8/8/8/8/8/4K3 w - - 0 1');
  expect(() => search.prove(position, { maxMoves: 31 })).toThrow('at most 30');
});
