import {
  BISHOP_STEPS,
  fileOf,
  getMan,
  isDarkSquare,
  kingDistance,
  KNIGHT_STEPS,
  makeSquareName,
  opponentOf,
  parseSquareName,
  QUEEN_STEPS,
  rankOf,
  ROLES,
  ROOK_STEPS,
  SIDES,
  squareAt,
  tabulateRays,
  tabulateSteps,
} from '.';

const ALL = Array.from({ length: 64 }, (_, square) => square);
const at = (name: string) => parseSquareName(name) ?? -1;

test('every square has a name that reads back, a1 = 0 and h8 = 63', () => {
  for (const square of ALL) expect(parseSquareName(makeSquareName(square))).toBe(square);
  expect([makeSquareName(0), makeSquareName(7), makeSquareName(56), makeSquareName(63)]).toEqual([
    'a1',
    'h1',
    'a8',
    'h8',
  ]);
});

test.each(['', 'e', 'e9', 'i1', 'E4', 'e44', '4e', ' e4'])('"%s" is no square', (text) => {
  expect(parseSquareName(text)).toBeUndefined();
});

test('file and rank come apart and together; off the board is undefined', () => {
  for (const square of ALL) expect(squareAt(fileOf(square), rankOf(square))).toBe(square);
  for (const [file, rank] of [
    [-1, 0],
    [8, 0],
    [0, -1],
    [0, 8],
  ] as const) {
    expect(squareAt(file, rank)).toBeUndefined();
  }
});

test("a light square at each player's right hand: h1 and a8 (FIDE Laws of Chess, article 2.1)", () => {
  expect(isDarkSquare(at('h1'))).toBe(false);
  expect(isDarkSquare(at('a8'))).toBe(false);
  expect(isDarkSquare(at('a1'))).toBe(true);
  expect(ALL.filter(isDarkSquare)).toHaveLength(32);
});

test("a king's distance is symmetric and as known", () => {
  for (const one of ALL)
    for (const other of [0, 27, 63]) expect(kingDistance(one, other)).toBe(kingDistance(other, one));
  expect(kingDistance(at('a1'), at('h8'))).toBe(7);
  expect(kingDistance(at('e4'), at('e4'))).toBe(0);
  expect(kingDistance(at('b2'), at('c4'))).toBe(2);
});

test('the knight: 2 squares from the corner, 8 from the middle, 336 in all, colour changed each time (common practice)', () => {
  const targets = tabulateSteps(KNIGHT_STEPS);
  expect(targets[at('a1')]).toHaveLength(2);
  expect(targets[at('d4')]).toHaveLength(8);
  expect(targets.flat()).toHaveLength(336);
  for (const square of ALL) {
    for (const target of targets[square] ?? []) expect(isDarkSquare(target)).not.toBe(isDarkSquare(square));
  }
});

test('on the empty board the rook reaches 14 squares from anywhere, bishop and queen as known (common practice)', () => {
  const count = (steps: typeof ROOK_STEPS, name: string) =>
    (tabulateRays(steps)[at(name)] ?? []).flat().length;
  for (const square of ALL) expect(count(ROOK_STEPS, makeSquareName(square))).toBe(14);
  expect([count(BISHOP_STEPS, 'a1'), count(BISHOP_STEPS, 'd4'), count(QUEEN_STEPS, 'd4')]).toEqual([
    7, 13, 27,
  ]);
});

test('rays run outward from their square to the edge, one neighbour after another', () => {
  const rays = tabulateRays(QUEEN_STEPS);
  for (const square of ALL) {
    for (const ray of rays[square] ?? []) {
      ray.forEach((target, index) => expect(kingDistance(square, target)).toBe(index + 1));
    }
  }
});

test('a man is one shared object for each side and role', () => {
  for (const side of SIDES) {
    expect(opponentOf(opponentOf(side))).toBe(side);
    for (const role of ROLES) expect(getMan(side, role)).toBe(getMan(side, role));
  }
  expect(new Set(SIDES.flatMap((side) => ROLES.map((role) => getMan(side, role)))).size).toBe(12);
});
