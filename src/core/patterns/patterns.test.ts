/**
 * Named mates. Each bare picture is strictly of its name, in both colours and on both wings, and turned where the definition allows
 * it; with one ingredient changed the strict name is gone (definitions after general chess literature, from memory). "Essential" and
 * "suffice" are asked of the readable rules here, apart from the recogniser.
 */
import fc from 'fast-check';
import { getMan, opponentOf, parseSquareName, type Board } from '../board';
import { findPosition, getPosition, makeFen, makeMoveText, parseMoveText } from '../notation';
import {
  findOutcome,
  isCheckmate,
  listLegalMoves,
  mirrorFiles,
  playMove,
  swapColours,
  turnQuarter,
  type Position,
  type PositionDraft,
} from '../rules';
import {
  BARE_PICTURES,
  findSacrifices,
  isPatternId,
  namePatterns,
  PATTERN_IDS,
  PATTERNS,
  tagMate,
  type PatternId,
} from '.';

const at = (name: string) => {
  const square = parseSquareName(name);
  if (square === undefined) throw new Error(name);
  return square;
};
const strictNames = (position: Position) =>
  namePatterns(position).flatMap(({ id, reading }) => (reading === 'strict' ? [id] : []));
const allNames = (position: Position) => namePatterns(position).map(({ id }) => id);
const legal = (draft: PositionDraft) => getPosition(makeFen(draft));

/** No mirror image: the king's and the queen's side differ. */
const NO_MIRROR: readonly PatternId[] = ['legal', 'scholars', 'fools'];

describe.each(PATTERN_IDS)('%s', (id) => {
  const bare = getPosition(BARE_PICTURES[id]);

  test('the bare picture is a mate and strictly of this name', () => {
    expect(findOutcome(bare)).toEqual({ kind: 'mate', winner: 'white' });
    expect(strictNames(bare)).toContain(id);
  });

  test('colours exchanged it is the same, man for man', () => {
    const [one, other] = [bare, swapColours(bare)].map((position) =>
      namePatterns(position).find((match) => match.id === id),
    );
    expect(other?.reading).toBe('strict');
    const flip = (square: number | undefined) => (square === undefined ? undefined : square ^ 56);
    expect(other?.roles.mating).toBe(flip(one?.roles.mating));
    expect(other?.roles.supporter).toBe(flip(one?.roles.supporter));
    expect(new Set(other?.roles.blockers)).toEqual(new Set(one?.roles.blockers.map((square) => square ^ 56)));
  });

  test('on the other wing it keeps its name, unless king and queen make the difference', () => {
    const mirrored = legal(mirrorFiles(bare));
    if (NO_MIRROR.includes(id)) expect(strictNames(mirrored)).not.toContain(id);
    else expect(strictNames(mirrored)).toContain(id);
  });

  test('without the men of its name it is not even loosely of it', () => {
    // Whatever mating man is taken away, the mate or the name is gone.
    const { mating } = namePatterns(bare).find((match) => match.id === id)?.roles ?? {};
    const board = bare.board.slice();
    if (mating !== undefined) board[mating] = undefined;
    expect(namePatterns({ ...bare, board })).toEqual([]);
  });
});

test('there are thirty-four, each with a rank of its own, and an id is known as one', () => {
  expect(PATTERN_IDS).toHaveLength(34);
  expect(new Set(PATTERNS.map(({ rank }) => rank)).size).toBe(34);
  expect(PATTERN_IDS.every(isPatternId)).toBe(true);
  expect(isPatternId('queen-sacrifice')).toBe(false);
});

test.each([
  'arabian',
  'kill-box',
  'triangle',
  'vukovic',
  'ladder',
  'boden',
  'double-bishop',
  'balestra',
] as const)('%s keeps its name in every quarter-turn, pawns taken off', (id) => {
  const bare = getPosition(BARE_PICTURES[id]);
  const board = bare.board.map((man) => (man?.role === 'pawn' ? getMan(man.side, 'knight') : man));
  let turned: PositionDraft | undefined = { ...bare, board };
  for (let quarter = 0; quarter < 4 && turned !== undefined; quarter += 1) {
    if (findPosition(makeFen(turned)) !== undefined && isCheckmate(turned))
      expect([quarter, strictNames(legal(turned))]).toEqual([quarter, expect.arrayContaining([id])]);
    turned = turnQuarter(turned);
  }
});

/** One ingredient changed: still mate, no longer strictly of the name; loosely where the definition says so. */
test.each<[string, string, PatternId, 'loose' | 'none']>([
  ['a front square is guarded, not blocked', '3R2k1/5p1p/6p1/8/7B/5B2/8/6K1 b - - 0 1', 'back-rank', 'none'],
  [
    'the same with one pawn gone forward and its square guarded',
    '3R2k1/5p1p/5Bp1/8/8/8/8/6K1 b - - 0 1',
    'back-rank',
    'loose',
  ],
  ['one square round the king is guarded', '6rk/5N1p/5P2/8/8/8/8/5K2 b - - 0 1', 'smothered', 'loose'],
  ['the bishop stands next to the rook', '5rkR/5pB1/8/8/8/8/1B6/6K1 b - - 0 1', 'mayet', 'loose'],
  ['the rook of the opera mate stands in the corner', '5rkR/5p2/8/8/8/8/1B6/6K1 b - - 0 1', 'opera', 'loose'],
  [
    'the checking man of Greco’s mate stands next to the king',
    '7k/6pR/6P1/8/2B5/8/8/6K1 b - - 0 1',
    'greco',
    'loose',
  ],
  ['damiano’s queen and pawn in the middle', '3rkb2/3n1Q2/4P3/8/8/8/8/6K1 b - - 0 1', 'damiano', 'loose'],
  ['the queen is held by a knight on f7', '3qk3/3pbQ2/7N/8/8/8/8/6K1 b - - 0 1', 'scholars', 'loose'],
  ['nobody’s own pawn beside the king', '8/8/8/7k/5PP1/R6P/5B2/6K1 b - - 0 1', 'david-goliath', 'none'],
  ['a ladder with one square blocked', 'R5k1/1R5p/8/8/8/8/8/6K1 b - - 0 1', 'ladder', 'loose'],
  [
    'a knight’s mate with one guarded square is no suffocation',
    '6rk/5N1p/5P2/8/8/8/8/5K2 b - - 0 1',
    'suffocation',
    'none',
  ],
])('%s', (_, fen, id, expected) => {
  const position = getPosition(fen);
  const found = namePatterns(position).find((match) => match.id === id);
  expect(found?.reading ?? 'none').toBe(expected);
});

test('roles name who mates, who holds, who guards, what blocks and which line had to be open', () => {
  const [opera] = namePatterns(getPosition(BARE_PICTURES.opera));
  expect(opera?.roles).toEqual({
    king: at('e8'),
    mating: at('d8'),
    supporter: at('g5'),
    guards: expect.arrayContaining([
      { square: at('e7'), by: [at('g5')] },
      { square: at('d7'), by: [at('d8')] },
      { square: at('f8'), by: [at('d8')] },
    ]) as unknown,
    blockers: [at('f7')],
    line: [],
    held: [{ square: at('d8'), by: [at('g5')] }],
  });
  const [backRank] = namePatterns(getPosition(BARE_PICTURES['back-rank']));
  expect(backRank?.roles.line).toEqual([at('e8'), at('f8')]);
  // Who guards the guard: the king holds the pawn that holds the rook.
  const [anderssen] = namePatterns(getPosition(BARE_PICTURES.anderssen));
  expect(anderssen?.roles.held).toContainEqual({ square: at('g7'), by: [at('g6')] });
});

test('no mate, no name', () => {
  expect(namePatterns(getPosition('4k3/8/8/8/8/8/8/R3K3 w - - 0 1'))).toEqual([]);
  expect(namePatterns(getPosition('7k/5Q2/8/8/8/8/8/6K1 b - - 0 1'))).toEqual([]);
});

/** Random games on the readable rules. */
const games = fc.array(fc.nat(), { minLength: 1, maxLength: 120 });

test('the quick test of mate agrees with the outcome on every position of random games', () => {
  fc.assert(
    fc.property(games, (choices) => {
      let position = getPosition('rnbqkbnr/pppppppp/8/8/8/8/PPPPPPPP/RNBQKBNR w KQkq - 0 1');
      for (const choice of choices) {
        expect(isCheckmate(position)).toBe(findOutcome(position)?.kind === 'mate');
        const moves = listLegalMoves(position);
        const move = moves[choice % Math.max(1, moves.length)];
        if (move === undefined) return;
        position = playMove(position, move);
      }
    }),
    { numRuns: 60, seed: 7 },
  );
});

test('a check that only a capture in passing answers is no mate', () => {
  // Black's pawn has just gone two squares and gives check; the white pawn on e5 may take it in passing.
  const position = getPosition('8/8/8/k2pP3/4K3/8/8/3R1R2 w - d6 0 2');
  expect(isCheckmate(position)).toBe(findOutcome(position)?.kind === 'mate');
});

/** Is it mate on the readable rules with these men only? The other king goes where it disturbs nobody, if it is not among them. */
function isMateWithout(position: Position, gone: readonly number[]): boolean {
  const board: Board = position.board.map((man, square) => (gone.includes(square) ? undefined : man));
  return isCheckmate({ ...position, board });
}

test('in every strict picture that asks for it, the helper is essential', () => {
  for (const id of ['boden', 'greco', 'morphy', 'pillsbury', 'hook', 'anastasia', 'vukovic'] as const) {
    const bare = getPosition(BARE_PICTURES[id]);
    const match = namePatterns(bare).find((one) => one.id === id);
    const helper = id === 'vukovic' ? match?.roles.second : match?.roles.supporter;
    expect([id, helper !== undefined && isMateWithout(bare, [helper])]).toEqual([id, false]);
  }
});

describe('names of a forced mate', () => {
  const home = getPosition('6k1/5ppp/8/8/8/8/5PPP/R5K1 w - - 0 1');
  const mated = playMove(home, parseMoveText('a1a8') ?? { from: 0, to: 0 });

  test('a mate in one has the names of its last position', () => {
    const tags = tagMate(home, {
      nodes: [{ mateInMoves: 1, moves: [{ move: 'a1a8', covers: 'mate', replies: [] }] }],
    });
    expect(tags?.map(({ id }) => id)).toEqual(allNames(mated));
    expect(tags?.[0]).toEqual({ id: 'back-rank', reading: 'strict', how: 'the' });
  });

  test('what only some defences end in is seen, what every longest one ends in is the pattern', () => {
    // 1 Rb7 fences the king in; it goes to d8, f8, or stays near, and 2 Ra8 is a ladder's last step each time.
    const ladder = getPosition('4k3/8/8/8/8/8/1R6/R6K w - - 0 1');
    const after = playMove(ladder, parseMoveText('b2b7') ?? { from: 0, to: 0 });
    const replies = listLegalMoves(after).map((move, index) => ({
      move: makeMoveText(move),
      node: index + 1,
    }));
    const tags = tagMate(ladder, {
      nodes: [
        { mateInMoves: 2, moves: [{ move: 'b2b7', covers: 'all', replies }] },
        ...replies.map(() => ({
          mateInMoves: 1,
          moves: [{ move: 'a1a8', covers: 'mate' as const, replies: [] }],
        })),
      ],
    });
    expect(tags).toContainEqual({ id: 'ladder', reading: 'strict', how: 'the' });
    // The shorter of two defences: seen only.
    const uneven = tagMate(ladder, {
      nodes: [
        { mateInMoves: 3, moves: [{ move: 'b2b7', covers: 'all', replies: replies.slice(0, 2) }] },
        { mateInMoves: 2, moves: [{ move: 'a1a2', covers: 'mate', replies: [] }] },
        { mateInMoves: 1, moves: [{ move: 'a1a8', covers: 'mate', replies: [] }] },
      ],
    });
    expect(uneven?.find(({ id }) => id === 'ladder')?.how).toBe('seen');
  });
});

test('of a tree that was cut off nothing is said', () => {
  const home = getPosition('4k3/8/8/8/8/8/1R6/R6K w - - 0 1');
  const cut = { move: 'b2b7', covers: 'all', replies: [{ move: 'e8d8', node: 1 }] } as const;
  expect(tagMate(home, { nodes: [{ mateInMoves: 2, moves: [cut] }] })).toBeUndefined();
  const none = { move: 'b2b7', covers: 'none', replies: [] } as const;
  expect(tagMate(home, { nodes: [{ mateInMoves: 2, moves: [none] }] })).toBeUndefined();
});

describe('sacrifices', () => {
  const lineOf = (...texts: string[]) => texts.flatMap((text) => parseMoveText(text) ?? []);

  test('a queen given up so that the rook blocks its own king (the smothered mate of the books)', () => {
    const home = getPosition('5r1k/6pp/7N/8/2Q5/8/8/6K1 w - - 0 1');
    expect(findSacrifices(home, lineOf('c4g8', 'f8g8', 'h6f7'))).toEqual([
      {
        ply: 0,
        role: 'queen',
        square: at('g8'),
        takenBy: 'rook',
        aim: { kind: 'blocks', square: at('g8'), role: 'rook' },
      },
    ]);
  });

  test('a rook that draws the king out', () => {
    const home = getPosition('6k1/5ppp/6P1/8/8/8/7Q/R5KR w - - 0 1');
    const [first] = findSacrifices(home, lineOf('h2h7', 'g8f8', 'h7h8')) as unknown[];
    // Nothing was taken, nothing given.
    expect(first).toBeUndefined();
    const drawn = getPosition('6k1/5pp1/6P1/8/8/8/7Q/6KR w - - 0 1');
    expect(findSacrifices(drawn, lineOf('h2h8', 'g8h8', 'h1h8'))).toEqual([]);
  });

  test('a guard is drawn away only when it guards no longer', () => {
    const aimOf = (fen: string, ...texts: string[]) =>
      findSacrifices(getPosition(fen), lineOf(...texts)).map(({ aim }) => aim);
    expect(aimOf('r5k1/5ppp/8/8/8/Q7/6PP/3R3K w - - 0 1', 'a3a7', 'a8a7', 'd1d8')).toEqual([
      { kind: 'removes-guard', square: at('d8') },
    ]);
    // On c8 the rook guards d8 as it did on a8.
    const kept = ['b6c8', 'a8c8', 'h2h3', 'c8c2', 'd1d8'];
    expect(aimOf('r5k1/5ppp/1N6/8/8/8/6PP/3R3K w - - 0 1', ...kept)).toEqual([{ kind: 'other' }]);
    // What took is taken itself.
    expect(aimOf('r5k1/5ppp/8/8/8/3Q4/6PP/3R3K w - - 0 1', 'd3d8', 'a8d8', 'd1d8')).toEqual([
      { kind: 'other' },
    ]);
  });

  test('a line that does not end in mate gives nothing away', () => {
    const home = getPosition('5r1k/6pp/7N/8/2Q5/8/8/6K1 w - - 0 1');
    expect(findSacrifices(home, lineOf('c4g8', 'f8g8'))).toEqual([]);
  });
});

test('the other side is never named for a mate that is not its own', () => {
  for (const id of PATTERN_IDS) {
    const bare = getPosition(BARE_PICTURES[id]);
    for (const { roles } of namePatterns(bare)) {
      expect(bare.board[roles.king]).toBe(getMan(bare.turn, 'king'));
      expect(bare.board[roles.mating]?.side).toBe(opponentOf(bare.turn));
    }
  }
});
