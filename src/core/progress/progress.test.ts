import {
  findNextStage,
  findProgress,
  listTroubleSpots,
  planPractice,
  type ProgressAnswer,
  type RecallOf,
} from '.';

let task = 0;
/** Answers of one child to one fresh task: r right, w wrong, h right with help. */
function answer(tries: string, given: Partial<ProgressAnswer> = {}): ProgressAnswer[] {
  task += 1;
  return Array.from(tries).map((sign, index) => ({
    student: 1,
    task,
    family: 'find-square',
    stage: 'board',
    level: 1,
    day: `2026-11-${String(1 + (task % 28)).padStart(2, '0')}`,
    piece: undefined,
    tryNumber: index + 1,
    isRight: sign !== 'w',
    hints: sign === 'h' ? 1 : 0,
    diagnoses: sign === 'w' ? ['rank-before-file'] : [],
    ...given,
  }));
}
const board = (...tasks: string[]) =>
  findProgress(tasks.flatMap((tries) => answer(tries))).find(({ stage }) => stage === 'board');

test('a stage is mastered by evidence: six tasks and more, four fifths of them right at once', () => {
  expect(board()).toMatchObject({ masteryState: 'not-begun', evidence: 0, mean: 0 });
  expect(board('r', 'r', 'r', 'r', 'r')).toMatchObject({ masteryState: 'begun', mean: 1 });
  // So many of one family at its first level are no mastery of the stage.
  expect(board('r', 'r', 'r', 'r', 'r', 'r')).toMatchObject({ masteryState: 'begun', evidence: 6, mean: 1 });
  expect(board('w', 'wr', 'ww', 'w', 'wr', 'w')).toMatchObject({ masteryState: 'repeat' });
  expect(board('r', 'wr', 'r', 'h', 'r', 'wr')).toMatchObject({ masteryState: 'begun' });
});

/** Three families of the stage of the board at their middle level, two tasks each. */
const masteredBoard = (given: Partial<ProgressAnswer> = {}) =>
  (['find-square', 'name-square', 'square-colour'] as const).flatMap((family) =>
    [1, 2].flatMap(() => answer('r', { family, level: 2, ...given })),
  );
const masteryOfBoard = (answers: ProgressAnswer[], ...rest: [RecallOf?]) =>
  findProgress(answers, ['board'], ...rest)[0];

test('"I can do this" is earned over half of the families, at their middle level, on two days', () => {
  expect(masteryOfBoard(masteredBoard())).toMatchObject({ masteryState: 'can', gaps: [] });
  expect(masteryOfBoard(masteredBoard({ level: 1 }))).toMatchObject({
    masteryState: 'begun',
    gaps: [{ kind: 'families', count: 3 }],
  });
  expect(masteryOfBoard(masteredBoard().slice(0, 4).concat(masteredBoard().slice(0, 2)))).toMatchObject({
    masteryState: 'begun',
    gaps: [{ kind: 'families', count: 1 }],
  });
  expect(masteryOfBoard(masteredBoard({ day: '2026-11-30' }))).toMatchObject({
    masteryState: 'begun',
    gaps: [{ kind: 'another-day' }],
  });
  // With help, or at a later try, nothing is shown.
  expect(masteryOfBoard(masteredBoard({ hints: 1 }))?.masteryState).toBe('begun');
  expect(masteryOfBoard(masteredBoard({ tryNumber: 2 }))?.masteryState).not.toBe('can');
});

test('what the reviews say is forgotten is not shown any more', () => {
  const forgotten: RecallOf = (family) => (family === 'name-square' ? 0.5 : 0.95);
  expect(masteryOfBoard(masteredBoard(), forgotten)).toMatchObject({
    masteryState: 'begun',
    gaps: [{ kind: 'families', count: 1 }],
  });
  expect(masteryOfBoard(masteredBoard(), () => 0.95)?.masteryState).toBe('can');
});

test('rook and bishop alone are no mastery of how the pieces move', () => {
  const movement = (['reach', 'count-reach', 'route', 'best-square'] as const).flatMap((family) =>
    [1, 2, 3].flatMap((index) =>
      answer('r', { stage: 'movement', family, level: 3, piece: index === 1 ? 'rook' : 'bishop' }),
    ),
  );
  const [found] = findProgress(movement, ['movement']);
  expect(found).toMatchObject({
    masteryState: 'begun',
    gaps: [{ kind: 'pieces', pieces: ['queen', 'king', 'knight', 'pawn'] }],
  });
  const rest = (['queen', 'king', 'knight', 'pawn'] as const).flatMap((piece) =>
    answer('r', { stage: 'movement', family: 'reach', level: 3, piece }),
  );
  expect(findProgress([...movement, ...rest], ['movement'])).toMatchObject([
    { masteryState: 'can', gaps: [] },
  ]);
});

test('the newest answers count most: the same answers the other way round say something else', () => {
  const early = board('w', 'w', 'w', 'r', 'r', 'r', 'r', 'r', 'r')?.mean ?? 0;
  const late = board('r', 'r', 'r', 'r', 'r', 'r', 'w', 'w', 'w')?.mean ?? 0;
  expect(early).toBeGreaterThan(late);
  const old = board('w', ...Array.from({ length: 20 }, () => 'r'));
  expect(old).toMatchObject({ mean: 1, evidence: 20 });
});

test('help and later tries are worth less, never nothing', () => {
  expect(board('h')?.mean).toBe(0.6);
  expect(board('wr')?.mean).toBe(0.3);
  expect(board('ww')?.mean).toBe(0);
});

test('the next stage is the first one of the order that is not mastered', () => {
  const mastered = masteredBoard();
  expect(findNextStage(findProgress(mastered))).toBe('movement');
  expect(findNextStage(findProgress(mastered, ['check', 'board']))).toBe('check');
  expect(findNextStage(findProgress(mastered, ['board']))).toBeUndefined();
});

test('what a class finds hard: children, not answers, are counted; the hardest stands first', () => {
  const answers = [
    ...answer('w', { student: 1 }),
    ...answer('ww', { student: 1 }),
    ...answer('wr', { student: 2 }),
    ...answer('r', { student: 3 }),
    ...answer('w', { student: 1, family: 'reach', diagnoses: ['behind', 'own-man'] }),
    ...answer('r', { student: 4, family: 'trade' }),
  ];
  expect(listTroubleSpots(answers)).toEqual([
    {
      family: 'reach',
      children: 1,
      stumbled: 1,
      mistakes: [
        { code: 'behind', children: 1 },
        { code: 'own-man', children: 1 },
      ],
    },
    {
      family: 'find-square',
      children: 3,
      stumbled: 2,
      mistakes: [{ code: 'rank-before-file', children: 2 }],
    },
  ]);
});

test('practice takes the families known least, each at its next level', () => {
  expect(planPractice([], 'board', 6)).toMatchObject([
    { level: 1, count: 2 },
    { level: 1, count: 2 },
    { level: 1, count: 2 },
  ]);
  const known = Array.from({ length: 4 }, () => answer('r')).flat();
  const parts = planPractice(known, 'board', 7);
  expect(parts.map(({ family }) => family)).not.toContain('find-square');
  expect(parts.reduce((sum, { count }) => sum + count, 0)).toBe(7);
  // Where every family is known, the first level of this one is left behind.
  const all = (['name-square', 'square-colour', 'name-line', 'set-up', 'repair'] as const).flatMap((family) =>
    Array.from({ length: 9 }, () => answer('r', { family })).flat(),
  );
  expect(planPractice([...known, ...all], 'board', 1)).toEqual([
    { family: 'find-square', level: 2, count: 1 },
  ]);
  expect(planPractice([], 'motifs', 6)).toEqual([]);
});
