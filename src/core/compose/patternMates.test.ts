/** The pattern book is proved, composed mates keep what they promise, and finishes of the public record get their names. */
import { opponentOf } from '../board';
import { getPosition, makeFen, parseMoveText, parseSan } from '../notation';
import { BOOK_STEPS, findSacrifices, namePatterns, PATTERN_IDS, tagMate, type PatternId } from '../patterns';
import { checkProof, listMatingMovesSlowly, SLOW_PROVER_MOVES } from '../proof';
import {
  findOutcome,
  isCheckmate,
  mirrorFiles,
  playMove,
  swapColours,
  type Move,
  type Position,
} from '../rules';
import { createRandom } from '../shared';
import { composePatternMate, createTaskSearches } from '.';

const searches = createTaskSearches();
const { mate, explainer } = searches;

/** The tree, checked by what knows no search; up to two moves the key is found again by the slow prover. */
function proveAlone(position: Position, moves: number) {
  const { proof, isWhole } = explainer.explain(position, moves, {
    mostNodes: 20_000,
    duals: 'none',
    areTriesWanted: false,
    isBlockless: false,
  });
  expect(isWhole).toBe(true);
  expect(checkProof(position, proof).ok).toBe(true);
  if (moves < SLOW_PROVER_MOVES) {
    expect(listMatingMovesSlowly(position, moves)).toHaveLength(1);
    if (moves > 1) expect(listMatingMovesSlowly(position, moves - 1)).toEqual([]);
  }
  return proof;
}

describe.each(PATTERN_IDS)('the book on %s', (id) => {
  test.each(BOOK_STEPS[id])(
    '$fen is mate in $mateInMoves by one key, and ends in the picture',
    ({ fen, mateInMoves }) => {
      const position = getPosition(fen);
      const proved = mate.prove(position, { maxMoves: mateInMoves });
      expect(proved).toMatchObject({ kind: 'mate', mateInMoves, areAllKeys: true });
      if (proved.kind !== 'mate') return;
      expect(proved.keys).toHaveLength(1);
      const tag = tagMate(position, proveAlone(position, mateInMoves))?.find((one) => one.id === id);
      expect(tag).toEqual({ id, reading: 'strict', how: 'the' });
    },
  );

  test('the steps get longer, White begins', () => {
    expect(BOOK_STEPS[id].map(({ mateInMoves }) => mateInMoves)).toEqual([1, 2, 3]);
    expect(BOOK_STEPS[id].every(({ fen }) => getPosition(fen).turn === 'white')).toBe(true);
  });

  test.each([1, 2])('a mate in %i is composed: proved, one key, the same for the same seed', (moves) => {
    const compose = () => composePatternMate(createRandom(5), searches, id, { moves, added: 2 });
    const made = compose();
    if (made === undefined) throw new Error('nothing was found');
    expect(made.mateInMoves).toBe(moves);
    proveAlone(getPosition(made.fen), moves);
    expect(compose()?.fen).toBe(made.fen);
  });
});

/** Every final position that two hundred seeds of each pattern's mates in one lead to. */
const finals: readonly { readonly id: PatternId; readonly mated: Position }[] = PATTERN_IDS.flatMap((id) =>
  Array.from({ length: 60 }, (_, seed) => {
    const made = composePatternMate(createRandom(100 + seed), searches, id, {
      moves: 1,
      added: 1 + (seed % 7),
    });
    const key = made?.proof.nodes[0]?.moves[0]?.move;
    const move = key === undefined ? undefined : parseMoveText(key);
    if (made === undefined || move === undefined) throw new Error(`nothing for ${id}`);
    return { id, mated: playMove(getPosition(made.fen), move) };
  }),
);

test('of two thousand composed mates every one is recalled, also with colours exchanged and on the other wing', () => {
  expect(finals.length).toBeGreaterThanOrEqual(2000);
  const missed = finals.flatMap(({ id, mated }) => {
    const swapped = swapColours(mated);
    const mirrored = getPosition(makeFen(mirrorFiles(mated)));
    const hasIt = (position: Position) =>
      namePatterns(position).some((match) => match.id === id && match.reading === 'strict');
    const mustMirror = !['legal', 'scholars', 'fools'].includes(id);
    return hasIt(mated) && hasIt(swapped) && (!mustMirror || hasIt(mirrored)) ? [] : [makeFen(mated)];
  });
  expect(missed).toEqual([]);
});

/** Pairs that exclude each other under the strict readings. */
const EXCLUSIVE: readonly (readonly PatternId[])[] = [
  ['smothered', 'suffocation'],
  ['boden', 'double-bishop'],
  ['morphy', 'pillsbury'],
  ['anderssen', 'mayet', 'opera'],
  ['damiano', 'lolli', 'damiano-bishop'],
  ['dovetail', 'swallows-tail'],
  ['kill-box', 'triangle'],
  ['back-rank', 'ladder'],
];

test('names that exclude each other never stand together, and no name is given without its checking man', () => {
  const roles: Partial<Record<PatternId, readonly string[]>> = {
    smothered: ['knight'],
    suffocation: ['knight'],
    corner: ['knight'],
    legal: ['knight'],
    'david-goliath': ['pawn'],
    arabian: ['rook'],
    hook: ['rook'],
    boden: ['bishop'],
    reti: ['bishop'],
    epaulette: ['queen'],
    'queen-king-support': ['queen'],
  };
  const faults = finals.flatMap(({ mated }) => {
    const matches = namePatterns(mated);
    const strict = matches.filter(({ reading }) => reading === 'strict').map(({ id }) => id);
    const clash = EXCLUSIVE.some((group) => strict.filter((id) => group.includes(id)).length > 1);
    const odd = matches.some(({ id, reading, roles: cast }) => {
      const allowed = reading === 'strict' ? roles[id] : undefined;
      return allowed !== undefined && !allowed.includes(mated.board[cast.mating]?.role ?? '');
    });
    return clash || odd ? [[makeFen(mated), strict]] : [];
  });
  expect(faults).toEqual([]);
});

/** Plays a game's moves by the readable rules. */
function playGame(moves: string): { readonly places: Position[]; readonly moves: Move[] } {
  const places = [getPosition('rnbqkbnr/pppppppp/8/8/8/8/PPPPPPPP/RNBQKBNR w KQkq - 0 1')];
  const played: Move[] = [];
  for (const san of moves.split(' ')) {
    const place = places.at(-1);
    const move = place && parseSan(place, san);
    if (place === undefined || move?.ok !== true) throw new Error(san);
    played.push(move.value);
    places.push(playMove(place, move.value));
  }
  return { places, moves: played };
}

/** Finishes of the public record: players, place and year, moves and names all from memory. */
test.each<[string, string, number, PatternId | undefined, 'strict' | 'loose']>([
  [
    'Morphy against Duke Karl and Count Isouard, Paris opera 1858',
    'e4 e5 Nf3 d6 d4 Bg4 dxe5 Bxf3 Qxf3 dxe5 Bc4 Nf6 Qb3 Qe7 Nc3 c6 Bg5 b5 Nxb5 cxb5 Bxb5+ Nbd7 O-O-O Rd8 Rxd7 Rxd7 Rd1 Qe6 Bxd7+ Nxd7 Qb8+ Nxb8 Rd8#',
    2,
    'opera',
    'strict',
  ],
  [
    'Réti against Tartakower, Vienna 1910',
    'e4 c6 d4 d5 Nc3 dxe4 Nxe4 Nf6 Qd3 e5 dxe5 Qa5+ Bd2 Qxe5 O-O-O Nxe4 Qd8+ Kxd8 Bg5+ Kc7 Bd8#',
    3,
    'reti',
    'strict',
  ],
  [
    'Schulder against Boden, London 1853',
    'e4 e5 Nf3 d6 c3 f5 Bc4 Nf6 d4 fxe4 dxe5 exf3 exf6 Qxf6 gxf3 Nc6 f4 Bd7 Be3 O-O-O Nd2 Re8 Qf3 Bf5 O-O-O d5 Bxd5 Qxc3+ bxc3 Ba3#',
    2,
    'boden',
    'strict',
  ],
  [
    'Légal against Saint Brie, Paris 18th century',
    'e4 e5 Nf3 d6 Bc4 Bg4 Nc3 g6 Nxe5 Bxd1 Bxf7+ Ke7 Nd5#',
    2,
    'legal',
    'strict',
  ],
  [
    'an amateur against Greco, about 1620',
    'e4 e5 Nf3 Nc6 Bc4 Bc5 O-O Nf6 Re1 O-O c3 Qe7 d4 exd4 e5 Ng4 cxd4 Nxd4 Nxd4 Qh4 Nf3 Qxf2+ Kh1 Qg1+ Rxg1 Nf2#',
    2,
    'smothered',
    'strict',
  ],
  [
    'Greco against an amateur, about 1620',
    'e4 b6 d4 Bb7 Bd3 f5 exf5 Bxg2 Qh5+ g6 fxg6 Nf6 gxh7+ Nxh5 Bg6#',
    2,
    'fools',
    'loose',
  ],
  [
    'Alekhine against four amateurs, Palma 1935',
    'e4 c6 d4 d5 Nc3 dxe4 Nxe4 Nd7 Qe2 Ngf6 Nd6#',
    1,
    'smothered',
    'strict',
  ],
  ['the two-move mate', 'f3 e5 g4 Qh4#', 1, 'fools', 'strict'],
  ['the four-move mate', 'e4 e5 Bc4 Nc6 Qh5 Nf6 Qxf7#', 1, 'scholars', 'strict'],
  [
    'Anderssen against Kieseritzky, London 1851',
    'e4 e5 f4 exf4 Bc4 Qh4+ Kf1 b5 Bxb5 Nf6 Nf3 Qh6 d3 Nh5 Nh4 Qg5 Nf5 c6 g4 Nf6 Rg1 cxb5 h4 Qg6 h5 Qg5 Qf3 Ng8 Bxf4 Qf6 Nc3 Bc5 Nd5 Qxb2 Bd6 Bxg1 e5 Qxa1+ Ke2 Na6 Nxg7+ Kd8 Qf6+ Nxf6 Be7#',
    3,
    undefined,
    'strict',
  ],
  [
    'Anderssen against Dufresne, Berlin 1852',
    'e4 e5 Nf3 Nc6 Bc4 Bc5 b4 Bxb4 c3 Ba5 d4 exd4 O-O d3 Qb3 Qf6 e5 Qg6 Re1 Nge7 Ba3 b5 Qxb5 Rb8 Qa4 Bb6 Nbd2 Bb7 Ne4 Qf5 Bxd3 Qh5 Nf6+ gxf6 exf6 Rg8 Rad1 Qxf3 Rxe7+ Nxe7 Qxd7+ Kxd7 Bf5+ Ke8 Bd7+ Kf8 Bxe7#',
    4,
    undefined,
    'strict',
  ],
])('%s', (_, text, mateIn, id, reading) => {
  const { places, moves } = playGame(text);
  const end = places.at(-1);
  const home = places.at(-2 * mateIn);
  if (end === undefined || home === undefined) throw new Error('a game');
  expect(findOutcome(end)).toEqual({ kind: 'mate', winner: opponentOf(end.turn) });
  // The finish is forced, and the checker, which knows no search, agrees.
  expect(mate.canMate(home, mateIn)).toBe(true);
  const { proof } = explainer.explain(home, mate.findLength(home, mateIn), {
    mostNodes: 20_000,
    duals: 'none',
    areTriesWanted: false,
    isBlockless: false,
  });
  expect(checkProof(home, proof).ok).toBe(true);
  if (id === undefined) expect(namePatterns(end).filter((match) => match.reading === 'strict')).toEqual([]);
  else expect(namePatterns(end)).toContainEqual(expect.objectContaining({ id, reading }));
  expect(isCheckmate(end)).toBe(true);
  expect(moves).toHaveLength(places.length - 1);
});

test('the queens of two famous finishes are given up for what the books say', () => {
  const { places, moves } = playGame(
    'e4 e5 Nf3 d6 d4 Bg4 dxe5 Bxf3 Qxf3 dxe5 Bc4 Nf6 Qb3 Qe7 Nc3 c6 Bg5 b5 Nxb5 cxb5 Bxb5+ Nbd7 O-O-O Rd8 Rxd7 Rxd7 Rd1 Qe6 Bxd7+ Nxd7 Qb8+ Nxb8 Rd8#',
  );
  const home = places.at(-4);
  if (home === undefined) throw new Error('a game');
  // The knight takes and leaves the file on which the rook mates.
  expect(findSacrifices(home, moves.slice(-3))).toMatchObject([
    { role: 'queen', takenBy: 'knight', aim: { kind: 'opens-line' } },
  ]);
});
