import { bruteMatingMoves } from '../../../tests/fixtures/bruteForce';
import { positionOf, randomPositions } from '../../../tests/fixtures/positions';
import { getMan, ROLES, type Man } from '../board';
import { makeFen, makeMoveText, makeNumberedLine, makeSan } from '../notation';
import {
  checkPosition,
  EMPTY_DRAFT,
  findOutcome,
  isCheck,
  playMove,
  type Move,
  type Position,
} from '../rules';
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

describe('the fifty-move rule (FIDE Laws of Chess, article 9.3)', () => {
  const at = (clock: number) => positionOf(`7k/8/5K2/8/8/8/8/R7 w - - ${clock} 90`);

  test('a mating move that is the hundredth still mates; one ply less and the draw comes first', () => {
    expect(search.prove(at(97), { maxMoves: 2 })).toMatchObject({ kind: 'mate', mateInMoves: 2 });
    expect(search.prove(at(98), { maxMoves: 2 })).toMatchObject({ kind: 'none', within: 2 });
  });

  test('a pawn move or capture on the way sets the clock back', () => {
    const fen = (clock: number) => `k7/8/1K6/8/8/8/6P1/7R w - - ${clock} 90`;
    expect(search.prove(positionOf(fen(99)), { maxMoves: 1 })).toMatchObject({
      kind: 'mate',
      mateInMoves: 1,
    });
    const slow = (clock: number) =>
      search.prove(positionOf(`7k/5K2/8/6p1/7P/8/8/8 w - - ${clock} 90`), { maxMoves: 4 });
    expect(slow(96).kind).toBe(slow(0).kind);
  });
});

/** Long checking mates from random play, found for this test by proof-number search. */
const CHECKING = [
  { fen: '1r1qk2r/2p1pp1p/1pNp4/p6Q/2BPP3/1P4P1/P1PK1PbP/R6R w k - 0 1', most: 8 },
  { fen: 'rnb2Q2/1pkp4/4p2r/p6p/4P1n1/P1NB4/1P1PNPP1/R1BK3R w - - 0 1', most: 8 },
  { fen: '2r3k1/r2p4/bpn2Q2/p7/P6P/2PPP1P1/6B1/3R1K1R w - - 0 1', most: 9 },
];

test.each(CHECKING)(
  '$fen: a long checking mate is found at once, and its line is checks all the way',
  ({ fen, most }) => {
    const position = positionOf(fen);
    const line = search.findCheckingMate(position, 12, 20_000);
    if (line === undefined) throw new Error('not found');
    expect((line.length + 1) / 2).toBeLessThanOrEqual(most);
    let at: Position = position;
    for (const [ply, move] of line.entries()) {
      at = playMove(at, move);
      if (ply % 2 === 0) expect(isCheck(at)).toBe(true);
    }
    expect(findOutcome(at)).toEqual({ kind: 'mate', winner: position.turn });
  },
);

test('stopped after such a mate was found: at most so many, and what is excluded', () => {
  const result = search.prove(positionOf(CHECKING[0]?.fen ?? ''), { maxMoves: 10 }, ({ atMost }) =>
    atMost === undefined ? 'go' : 'stop',
  );
  expect(result).toMatchObject({ kind: 'mate-at-most', mateInMoves: 8, why: 'stopped' });
  if (result.kind !== 'mate-at-most') return;
  expect(result.noMateWithin).toBeGreaterThanOrEqual(2);
  expect(result.line).toHaveLength(15);
});

test('a second run with other orders and other places in the table agrees, keys included', () => {
  let mates = 0;
  for (const position of smallPositions(45, 60)) {
    const first = search.prove(position, { maxMoves: 3 });
    const second = search.prove(position, { maxMoves: 3, isSecondRun: true });
    expect(second.kind).toBe(first.kind);
    if (first.kind !== 'mate' || second.kind !== 'mate') continue;
    mates += 1;
    expect(second.mateInMoves).toBe(first.mateInMoves);
    expect(textsOf(second.keys)).toEqual(textsOf(first.keys));
  }
  expect(mates).toBeGreaterThan(15);
});

test('a budget over several questions: what is beyond it is undefined, never an answer', () => {
  const position = positionOf('r4rk1/1pp1qppp/p1np1n2/2b1p1B1/2B1P1b1/P1NP1N2/1PP1QPPP/R4RK1 w - - 0 10');
  expect(
    search.within(
      500,
      () => 'go',
      () => search.canMate(position, 4),
    ),
  ).toBeUndefined();
  expect(
    search.within(
      1e6,
      () => 'stop',
      () => search.canMate(position, 4),
    ),
  ).toBeUndefined();
  expect(
    search.within(
      1e6,
      () => 'go',
      () => search.canMate(position, 2),
    ),
  ).toBe(false);
});
