import { Chess } from 'chess.js';
import { makeSquareName, parseSquareName, type Square } from '../board';
import { openTapTask, TAP_FAMILIES, type Level, type TapFamilyId, type TapTask } from '../exercises';
import { composeTapTask } from '.';

const SEEDS = Array.from({ length: 20 }, (_, seed) => seed);
const IDS = Object.keys(TAP_FAMILIES) as TapFamilyId[];
const LEVELS = ([1, 2, 3, 4, 5] as const).flatMap((level) =>
  IDS.filter((id) => TAP_FAMILIES[id].levels >= level).map((id) => [id, level] as const),
);

const squareOf = (text: string): Square => {
  const square = parseSquareName(text);
  if (square === undefined) throw new Error(text);
  return square;
};

describe.each(LEVELS)('%s, level %i', (id, level) => {
  const tasks = SEEDS.map((seed) => composeTapTask(id, level, seed));

  test('the same seed makes the same task, another seed mostly another', () => {
    expect(SEEDS.map((seed) => composeTapTask(id, level, seed))).toEqual(tasks);
    expect(new Set(tasks.map((task) => JSON.stringify(task))).size).toBeGreaterThan(10);
  });

  test('every task is valid, its solution is right, in any order and tapped twice', () => {
    for (const task of tasks) {
      expect(TAP_FAMILIES[id].taskSchema.safeParse(task.task).success).toBe(true);
      const { solution, judge } = openTapTask(task);
      expect(solution.length).toBeGreaterThan(0);
      expect(judge(solution)).toMatchObject({ outcome: 'right', extra: [], missed: [], notes: [] });
      expect(judge([...solution].reverse().concat(solution)).outcome).toBe('right');
    }
  });

  test('each square too many and each one missing is wrong, and its note names it', () => {
    for (const task of tasks) {
      const { solution, judge } = openTapTask(task);
      for (let square = 0; square < 64; square += 1) {
        const isRight = solution.includes(square);
        const marks = isRight ? solution.filter((other) => other !== square) : [...solution, square];
        const verdict = judge(marks);
        expect(verdict.outcome).toBe('wrong');
        expect(isRight ? verdict.missed : verdict.extra).toEqual([square]);
        expect(verdict.notes).toMatchObject([{ square }]);
      }
    }
  });
});

test.each(IDS)('measured difficulty of %s rises with the level', (id) => {
  const means = ([1, 2, 3, 4, 5] as const)
    .filter((level) => level <= TAP_FAMILIES[id].levels)
    .map((level) => {
      const measures = SEEDS.map((seed) => openTapTask(composeTapTask(id, level, seed)).measure);
      return measures.reduce((sum, measure) => sum + measure, 0) / measures.length;
    });
  for (const [index, mean] of means.entries())
    if (index > 0) expect(mean).toBeGreaterThan(means[index - 1] ?? 0);
});

test('a level a family does not have is a mistake of the caller', () => {
  expect(() => composeTapTask('captures', 5, 1)).toThrow(RangeError);
});

/** chess.js moves men on a board without kings when it is told not to check the board. */
function openLoose(fen: string): Chess {
  return new Chess(fen, { skipValidation: true });
}

test('reach and captures agree with chess.js', () => {
  const levels: readonly Level[] = [1, 2, 3, 4, 5];
  for (const level of levels) {
    for (const seed of SEEDS) {
      const reach = composeTapTask('reach', level, seed) as Extract<TapTask, { family: 'reach' }>;
      const { fen, square } = reach.task;
      const targets = openLoose(fen)
        .moves({ verbose: true })
        .filter(({ from }) => from === makeSquareName(square))
        .map(({ to }) => squareOf(to));
      expect(openTapTask(reach).solution).toEqual([...new Set(targets)].sort((one, other) => one - other));
      if (level === 5) continue;
      const captures = composeTapTask('captures', level, seed) as Extract<TapTask, { family: 'captures' }>;
      const taken = openLoose(captures.task.fen)
        .moves({ verbose: true })
        .flatMap(({ to, captured }) => (captured === undefined ? [] : [squareOf(to)]));
      expect(openTapTask(captures).solution).toEqual([...new Set(taken)].sort((one, other) => one - other));
    }
  }
});

test('mobility on an empty board: knight 2 in the corner and 8 in the middle, rook always 14 (common practice)', () => {
  const reach = (role: string, name: string) => {
    const square = squareOf(name);
    const board = Array.from({ length: 8 }, (_, row) =>
      7 - row === square >> 3 ? `${square & 7 || ''}${role}${7 - (square & 7) || ''}` : '8',
    ).join('/');
    return openTapTask({ family: 'reach', task: { fen: `${board} w - - 0 1`, square } }).solution.length;
  };
  expect(['a1', 'd4', 'g2', 'h8'].map((name) => reach('N', name))).toEqual([2, 8, 4, 2]);
  expect(['a1', 'd4', 'g2', 'h8'].map((name) => reach('R', name))).toEqual([14, 14, 14, 14]);
  expect(['a1', 'd4', 'g2', 'h8'].map((name) => reach('K', name))).toEqual([3, 8, 8, 3]);
  expect(['a1', 'd4', 'g2', 'h8'].map((name) => reach('B', name))).toEqual([7, 13, 9, 7]);
});

/** White: rook a1, own pawn a4, pawn e2 with a black knight on e3 and a black pawn on d3. */
const REACH = (square: string) =>
  openTapTask({
    family: 'reach',
    task: { fen: '8/8/8/8/P7/3pn3/4P3/R2N4 w - - 0 1', square: squareOf(square) },
  });

test.each([
  ['a1', 'a4', { code: 'own-man', role: 'pawn' }],
  ['a1', 'a6', { code: 'behind', role: 'rook', by: squareOf('a4') }],
  ['a1', 'b2', { code: 'not-its-way', role: 'rook' }],
  ['a1', 'a1', { code: 'own-square', role: 'rook' }],
  ['e2', 'e3', { code: 'pawn-takes-slantwise' }],
  ['e2', 'e4', { code: 'behind', role: 'pawn', by: squareOf('e3') }],
  ['e2', 'f3', { code: 'pawn-needs-a-man' }],
  ['e2', 'e1', { code: 'not-its-way', role: 'pawn' }],
  ['d1', 'd2', { code: 'not-its-way', role: 'knight' }],
] as const)('reach from %s: why not %s', (from, name, note) => {
  expect(REACH(from).judge([squareOf(name)]).notes[0]).toEqual({ ...note, square: squareOf(name) });
});

test('unprotected: who protects a man is named; chess.js attacks agree', () => {
  const { judge, solution } = openTapTask({
    family: 'unprotected',
    task: { fen: '8/8/2b5/8/4n3/8/8/R6r w - - 0 1' },
  });
  expect(solution).toEqual([squareOf('h1'), squareOf('c6')]);
  expect(judge([squareOf('e4')]).notes[0]).toEqual({
    code: 'protected',
    square: squareOf('e4'),
    role: 'knight',
    by: squareOf('c6'),
    byRole: 'bishop',
  });
  for (const level of [1, 2, 3, 4] as const) {
    for (const seed of SEEDS) {
      const task = composeTapTask('unprotected', level, seed) as Extract<TapTask, { family: 'unprotected' }>;
      const loose = openLoose(task.task.fen);
      const other = loose.turn() === 'w' ? 'b' : 'w';
      const alone = loose
        .board()
        .flat()
        .filter((man) => man?.color === other)
        .flatMap((man) => (man && !loose.isAttacked(man.square, other) ? [squareOf(man.square)] : []));
      expect(openTapTask(task).solution).toEqual(alone.sort((one, two) => one - two));
    }
  }
});

test('what is missed is named with the man that gets there', () => {
  expect(REACH('e2').judge([]).notes).toEqual([
    { code: 'missed', square: squareOf('d3'), from: squareOf('e2'), role: 'pawn' },
  ]);
});

test.each([
  ['e3', 'c5', 'rank-before-file'],
  ['e3', 'g3', 'wrong-file'],
  ['e3', 'e6', 'wrong-rank'],
  ['e3', 'h8', 'another-square'],
] as const)('asked for %s, tapped %s: %s', (asked, name, code) => {
  const task = { square: squareOf(asked), bottom: 'white', hasCoordinates: true } as const;
  const { judge } = openTapTask({ family: 'find-square', task });
  expect(judge([squareOf(name)]).notes[0]).toMatchObject({ code, square: squareOf(name) });
});

test('captures: an empty square, an own man and a man nobody takes each have their note', () => {
  const { judge } = openTapTask({
    family: 'captures',
    task: { fen: '8/8/8/3p4/8/1n6/8/R2R4 w - - 0 1' },
  });
  expect(judge([squareOf('h5'), squareOf('a1'), squareOf('b3'), squareOf('d5')]).notes).toEqual([
    { code: 'own-side', square: squareOf('a1') },
    { code: 'not-taken', square: squareOf('b3'), role: 'knight' },
    { code: 'nobody-there', square: squareOf('h5') },
  ]);
});
