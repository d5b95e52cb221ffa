/** What games held: mates by the slow prover, material by hand, and nothing where there was nothing. */
import { randomPositions } from '../../../tests/fixtures/positions';
import { getMove, getPosition, listNumberedMoves, readPgn } from '../notation';
import { chanceSchema, listMatingMovesSlowly, type Chance } from '../proof';
import { isCheckmate, isSameMove, listLegalMoves, playMove, type Move, type Position } from '../rules';
import { createRandom, pickOne } from '../shared';
import { composePuzzles, createTaskSearches, findChance, listPlayed } from '.';

const searches = createTaskSearches();

/** A single move in a position. */
const findAt = (position: Position, move: Move, maxMoves: number, before?: Position) =>
  findChance(searches, { ply: 0, position, move, before }, { maxMoves });

/** Every place of a game with its chance. */
function lookThrough(pgn: string, maxMoves = 3) {
  const [read] = readPgn(pgn);
  if (read?.game === undefined) throw new Error('not a game');
  const { start, line } = read.game;
  const chances: Chance[] = [];
  for (const one of listPlayed(
    start,
    line.map(({ move }) => move),
  )) {
    const chance = findChance(searches, one, { maxMoves });
    if (chance !== undefined) chances.push(chance);
  }
  return chances;
}

test('a known short game: the mate that was missed, the move that let it be, and the last mistake', () => {
  // Two traps of the opening, in the general literature (from memory): 6 Nxd1 misses 6 Bxf7+ Ke7 7 Nd5 mate; 3 ... Nf6 lets Qxf7 mate.
  const missed = lookThrough('1. e4 e5 2. Nf3 d6 3. Bc4 Bg4 4. Nc3 g6 5. Nxe5 Bxd1 6. Nxd1 dxe5 *');
  expect(missed).toMatchObject([
    { kind: 'mated', ply: 9, played: 'g4d1', inMoves: 2 },
    {
      kind: 'mate',
      ply: 10,
      mateInMoves: 2,
      became: 'missed',
      line: ['c4f7', 'e8e7', 'c3d5'],
      played: 'c3d1',
    },
  ]);
  const early = lookThrough('1. e4 e5 2. Bc4 Nc6 3. Qh5 Nf6 4. Qxf7# 1-0');
  expect(early).toMatchObject([
    { kind: 'mated', ply: 5, inMoves: 1, line: ['g8f6', 'h5f7'] },
    { kind: 'mate', ply: 6, mateInMoves: 1, became: 'played' },
  ]);
});

test.each([
  // The queen can be taken for nothing; left alone, she takes the pawn: nine and one.
  ['4k3/8/8/3q4/4P3/8/8/4K3 w - - 0 1', 'e1e2', 'gain', 10],
  // The rook goes where the king takes it.
  ['4k3/8/8/8/8/8/8/3RK3 w - - 0 1', 'd1d8', 'loss', 5],
] as const)('material by hand: %s, %s', (fen, played, kind, points) => {
  expect(findAt(getPosition(fen), getMove(played), 2)).toMatchObject({
    kind,
    points,
  });
});

test.each([
  ['nothing to win and nothing lost', '4k3/8/2n5/8/4P3/8/8/4K1N1 w - - 0 1', 'g1f3'],
  ['taken back as it should be', '4k3/2n5/8/3p4/4P3/8/8/4K3 b - - 0 1', 'd5e4'],
  ['one legal move alone', '7k/8/8/8/8/8/6q1/7K w - - 0 1', 'h1g2'],
] as const)('no chance: %s', (_, fen, played) => {
  expect(findAt(getPosition(fen), getMove(played), 2)).toBeUndefined();
});

test('a key the proof had no time to look at is told as played', () => {
  // Either rook mates; the proof knows of one alone.
  const home = getPosition('6k1/5ppp/8/8/8/8/8/RR4K1 w - - 0 1');
  const { mate } = searches;
  const hasty = {
    ...searches,
    mate: {
      ...mate,
      prove: (...asked: Parameters<typeof mate.prove>) => {
        const proved = mate.prove(...asked);
        return proved.kind === 'mate' ? { ...proved, keys: [getMove('a1a8')], areAllKeys: false } : proved;
      },
    },
  };
  const became = (played: string) => {
    const move = getMove(played);
    const place = { ply: 0, position: home, move, before: undefined };
    const chance = findChance(hasty, place, { maxMoves: 3 });
    return chance?.kind === 'mate' ? chance.became : undefined;
  };
  expect(['a1a8', 'b1b8', 'g1h1', 'a1a7'].map(became)).toEqual(['played', 'played', 'missed', 'missed']);
});

test('men that are won are told, but not what a trade gives back', () => {
  const home = getPosition('4k3/8/8/3q4/4P3/8/8/4K3 w - - 0 1');
  expect(findAt(home, getMove('e4d5'), 2)).toMatchObject({ kind: 'gain', became: 'played', points: 9 });
  // The queen came to d5 by itself: that is what White has won.
  const came = getPosition('3qk3/8/8/8/4P3/8/8/4K3 b - - 0 1');
  expect(findAt(home, getMove('e4d5'), 2, came)).toMatchObject({ kind: 'gain', points: 9 });
  // The queen took a queen there: the trade was even before it and after it.
  const took = getPosition('3qk3/8/8/3Q4/4P3/8/8/4K3 b - - 0 1');
  expect(findAt(home, getMove('e4d5'), 2, took)).toBeUndefined();
  // A check in the middle of the trade changes nothing of that.
  const [first, ...rest] = lookThrough('1. e4 e5 2. d4 exd4 3. Qxd4 Nc6 4. Qd1 Bb4+ 5. Bd2 Bxd2+ 6. Qxd2 *');
  expect([first, ...rest].filter((chance) => chance?.kind === 'gain')).toEqual([]);
  expect(findAt(home, getMove('e1e2'), 2, took)).toMatchObject({ kind: 'gain', became: 'missed' });
  // A pawn offered and taken back: nobody had a chance.
  expect(lookThrough('1. e4 d5 2. exd5 Qxd5 *')).toEqual([]);
});

test('a slower mate is told from one that was lost', () => {
  // Both rooks: Ra8 mates at once, Rb7 still mates in two.
  const home = getPosition('6k1/R7/1R6/8/8/8/8/6K1 w - - 0 1');
  const became = (played: string) => {
    const chance = findAt(home, getMove(played), 3);
    return chance?.kind === 'mate' ? chance.became : undefined;
  };
  expect(became('b6b8')).toBe('played');
  expect(became('g1f2')).toBe('slower');
  expect(became('a7g7')).toBe('missed');
});

test('every mate told is one by the slow prover, every line is legal, and where there is no mate none is told', () => {
  const random = createRandom(11);
  const mating = [...composePuzzles(searches, { moves: 1 }, { count: 12, seed: 5 })].map(({ fen }) =>
    getPosition(fen),
  );
  const places = [...randomPositions(5, 24), ...mating].filter(
    (position) => listLegalMoves(position).length > 1,
  );
  const told = places.map((position) => {
    const mates = listMatingMovesSlowly(position, 1);
    const played = pickOne(random, listLegalMoves(position));
    const chance = findAt(position, played, 1);
    expect(chance?.kind === 'mate').toBe(mates.length > 0);
    if (chance === undefined) return 'none';
    expect(chanceSchema.parse(chance)).toEqual(chance);
    const home = getPosition(chance.fen);
    expect(listNumberedMoves(home, chance.line.map(getMove))).toHaveLength(chance.line.length);
    if (chance.kind === 'mate') {
      expect(chance.became === 'played').toBe(mates.some((move) => isSameMove(move, played)));
      expect(isCheckmate(chance.line.map(getMove).reduce(playMove, home))).toBe(true);
    }
    return chance.kind;
  });
  expect(told.filter((kind) => kind === 'mate').length).toBeGreaterThanOrEqual(12);
  expect(told.filter((kind) => kind === 'none').length).toBeGreaterThan(0);
});
