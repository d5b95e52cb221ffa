import type { ClassId, StudentId, TermId } from '@/contracts/ids';
import { rosterChangeSchema, type TermTurn } from '@/contracts/terms';
import { addNewClass, LEAVES, listWays, startPlan, toChange } from './turnPlan';

const REQUEST = '3f2c8a52-1d3b-4c6e-9a54-0b1f7c2d9e11';
const group = (classId: number, name: string, ids: readonly number[]) => ({
  classId: classId as ClassId,
  termId: 1 as TermId,
  termName: 'Spring',
  name,
  level: 2 as const,
  joinCode: 'X',
  studentCount: ids.length,
  everCount: ids.length,
  students: ids.map((id) => ({ studentId: id as StudentId, name: `Child ${id}` })),
});
const TURN: TermTurn = {
  term: { termId: 2 as TermId, name: 'Autumn', startsOn: '2026-09-01', endsOn: '2026-12-01' },
  from: [group(1, 'Lantern', [11, 12]), group(2, 'Harbour', [21])],
  into: [group(9, 'Early birds', [])],
};

test('at first every class goes on under its name and level with all its children', () => {
  const change = toChange(startPlan(TURN), TURN);
  const request = { requestId: REQUEST, ...change };
  expect(rosterChangeSchema.parse(request)).toEqual(request);
  expect(change.classes).toEqual([
    { key: '1', name: 'Lantern', level: 2, heirOf: 1 },
    { key: '2', name: 'Harbour', level: 2, heirOf: 2 },
  ]);
  expect(change.moves.map(({ studentId, to }) => [studentId, to])).toEqual([
    [11, { kind: 'new', key: '1' }],
    [12, { kind: 'new', key: '1' }],
    [21, { kind: 'new', key: '2' }],
  ]);
});

test('a class into which nobody goes is not made; a child’s own way comes before that of its class', () => {
  const plan = startPlan(TURN);
  const merged = {
    ...plan,
    ways: new Map(plan.ways).set(2 as ClassId, 'new:1'),
    childWays: new Map([
      [11 as StudentId, LEAVES],
      [12 as StudentId, 'class:9'],
    ]),
  };
  const change = toChange(merged, TURN);
  expect(change.classes.map(({ key }) => key)).toEqual(['1']);
  expect(change.moves.map(({ to }) => to)).toEqual([
    { kind: 'leaves' },
    { kind: 'class', classId: 9 },
    { kind: 'new', key: '1' },
  ]);
});

test('a class more is heir of none, and every way can be chosen', () => {
  const plan = addNewClass(startPlan(TURN), 'k');
  expect(listWays(plan, TURN).map(({ value }) => value)).toEqual([
    'new:1',
    'new:2',
    'new:k',
    'class:9',
    'leaves',
  ]);
  const split = { ...plan, childWays: new Map([[12 as StudentId, 'new:k']]) };
  expect(toChange(split, TURN).classes).toContainEqual({ key: 'k', name: '' });
});
