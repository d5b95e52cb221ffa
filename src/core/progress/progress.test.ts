import { findNextStage, findProgress, listHardships, planPractice, type ProgressAnswer } from '.';

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
  expect(board()).toMatchObject({ standing: 'not-begun', evidence: 0, mean: 0 });
  expect(board('r', 'r', 'r', 'r', 'r')).toMatchObject({ standing: 'begun', mean: 1 });
  expect(board('r', 'r', 'r', 'r', 'r', 'r')).toMatchObject({ standing: 'can', evidence: 6 });
  expect(board('w', 'wr', 'ww', 'w', 'wr', 'w')).toMatchObject({ standing: 'repeat' });
  expect(board('r', 'wr', 'r', 'h', 'r', 'wr')).toMatchObject({ standing: 'begun' });
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
  const mastered = Array.from({ length: 6 }, () => answer('r')).flat();
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
  expect(listHardships(answers)).toEqual([
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
