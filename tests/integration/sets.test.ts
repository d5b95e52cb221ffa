import { v4 as makeUuid } from 'uuid';
import { getPosition } from '@/core/notation';
import { makeExactKey } from '@/core/puzzles';
import { getDb } from '@/server/db';
import { listOwnPuzzlesOfPattern } from '@/server/services/patterns';
import { orderSet, removePuzzle } from '@/server/services/setBuilder';
import { addPuzzle, addSet, findStored, getSetPage, giveSet, listOwnSets } from '@/server/services/sets';
import {
  makeClass,
  makeClub,
  makeSet,
  MATE_IN_1,
  MATE_IN_2,
  withDatabase,
  valueOf,
} from '../support/database';

withDatabase();

const countTasks = async () => (await getDb()('tasks').pluck('id')).length;

test('a proved position becomes a puzzle with its keys and a longest line', async () => {
  const { coach } = await makeClub();
  const setId = await makeSet(coach, [MATE_IN_1, MATE_IN_2]);
  const { items: puzzles } = valueOf(await getSetPage(coach, setId));
  expect(puzzles).toMatchObject([
    { fen: MATE_IN_1, mateInMoves: 1, keys: ['Ra8#'], mainLine: '1. Ra8#' },
    { fen: MATE_IN_2, mateInMoves: 2, keys: ['Rd8+'] },
  ]);
  const second = puzzles[1];
  expect(second?.family === 'mate' && second.mainLine).toMatch(/^1\. Rd8\+ \S+ 2\. \S+#$/);
});

test.each([
  ['not a fen', 'fen/field-count'],
  ['4k3/8/8/8/8/8/8/8 w - - 0 1', 'position/no-king'],
  ['4k3/8/8/8/8/8/8/P3K3 w - - 0 1', 'position/pawn-on-edge'],
  ['4k3/8/8/8/8/8/4R3/4K3 w - - 0 1', 'position/waiting-side-in-check'],
  ['4k3/8/8/8/8/8/8/4K2R w - - 0 1', 'puzzle/no-mate'],
])('%s is named and never stored', async (fen, code) => {
  const { coach } = await makeClub();
  const setId = await makeSet(coach, []);
  expect(await addPuzzle(coach, { setId, fen })).toMatchObject({ ok: false, error: { code } });
  expect(await countTasks()).toBe(0);
});

test('a puzzle is found under the named mate it ends in, in its own club alone', async () => {
  const { coach } = await makeClub();
  await makeSet(coach, [MATE_IN_1, 'n4r1k/6pp/p6N/1p6/2Q5/1P6/P4PPP/6Kb w - - 0 1', MATE_IN_2]);
  expect(await listOwnPuzzlesOfPattern(coach, 'smothered')).toEqual([
    { fen: 'n4r1k/6pp/p6N/1p6/2Q5/1P6/P4PPP/6Kb w - - 0 1', mateInMoves: 2 },
  ]);
  expect(await listOwnPuzzlesOfPattern(coach, 'back-rank')).toMatchObject([{ fen: MATE_IN_1 }]);
  expect(await listOwnPuzzlesOfPattern(coach, 'boden')).toEqual([]);
  const other = { ...coach, clubId: (coach.clubId + 1) as typeof coach.clubId };
  expect(await listOwnPuzzlesOfPattern(other, 'smothered')).toEqual([]);
});

test('counters do not make another puzzle: the same position twice is there once, also at once', async () => {
  const { coach } = await makeClub();
  const setId = await makeSet(coach, [MATE_IN_1]);
  const again = valueOf(await addPuzzle(coach, { setId, fen: MATE_IN_1.replace('0 1', '7 30') }));
  expect(again).toMatchObject({ number: 1, isAlreadyThere: true });
  const both = await Promise.all([1, 2].map(() => addPuzzle(coach, { setId, fen: MATE_IN_2 })));
  expect(both.map((result) => valueOf(result).number)).toEqual([2, 2]);
  expect(await countTasks()).toBe(2);
  expect(valueOf(await getSetPage(coach, setId)).items).toHaveLength(2);
});

test('a set with the same request id is made once', async () => {
  const { coach } = await makeClub();
  const request = { requestId: makeUuid(), name: 'First mates' };
  const [one, two] = await Promise.all([addSet(coach, request), addSet(coach, request)]);
  expect(valueOf(one)).toBe(valueOf(two));
  expect(await listOwnSets(coach)).toHaveLength(1);
});

test('what was given never changes: a later change starts a new version', async () => {
  const { coach } = await makeClub();
  const { classId } = await makeClass(coach);
  const setId = await makeSet(coach, [MATE_IN_1]);
  const first = valueOf(await giveSet(coach, { requestId: makeUuid(), setId, classId }));
  const again = valueOf(await giveSet(coach, { requestId: makeUuid(), setId, classId }));
  expect(again).toBe(first);
  valueOf(await addPuzzle(coach, { setId, fen: MATE_IN_2 }));
  const page = valueOf(await getSetPage(coach, setId));
  expect(page).toMatchObject({ version: 2, isGiven: false, givenTo: [{ version: 1 }] });
  expect(page.items).toHaveLength(2);
  const second = valueOf(await giveSet(coach, { requestId: makeUuid(), setId, classId }));
  expect(second).not.toBe(first);
});

test('a puzzle taken out closes the gap, and taking it out twice is no fault', async () => {
  const { coach } = await makeClub();
  const setId = await makeSet(coach, [MATE_IN_1, MATE_IN_2]);
  const taskId = valueOf(await getSetPage(coach, setId)).items[0]?.taskId;
  if (taskId === undefined) throw new Error('the set has a first puzzle');
  valueOf(await removePuzzle(coach, { setId, taskId }));
  valueOf(await removePuzzle(coach, { setId, taskId }));
  expect(valueOf(await getSetPage(coach, setId)).items).toMatchObject([{ fen: MATE_IN_2 }]);
  expect(valueOf(await addPuzzle(coach, { setId, fen: MATE_IN_1 })).number).toBe(2);
});

test('an empty set is not given, and another club neither sees nor changes a set', async () => {
  const { coach } = await makeClub();
  const { classId } = await makeClass(coach);
  const setId = await makeSet(coach, []);
  expect(await giveSet(coach, { requestId: makeUuid(), setId, classId })).toMatchObject({
    error: { code: 'set/empty' },
  });
  const stranger = { ...coach, clubId: (coach.clubId + 1) as typeof coach.clubId };
  const refused = { ok: false, error: { code: 'set/not-found' } };
  expect(await getSetPage(stranger, setId)).toEqual(refused);
  expect(await addPuzzle(stranger, { setId, fen: MATE_IN_1 })).toEqual(refused);
  expect(await listOwnSets(stranger)).toEqual([]);
});

test('which positions are stored is told by their keys, and of one’s own club alone', async () => {
  const { coach } = await makeClub();
  await makeSet(coach, [MATE_IN_1]);
  const exactKeys = [MATE_IN_1, MATE_IN_2].map((fen) => makeExactKey(getPosition(fen)));
  expect(valueOf(await findStored(coach, { exactKeys }))).toEqual(exactKeys.slice(0, 1));
  const stranger = { ...coach, clubId: (coach.clubId + 1) as typeof coach.clubId };
  expect(valueOf(await findStored(stranger, { exactKeys }))).toEqual([]);
});

test('a new order is kept; a set that was given goes on as a new version; an order of other tasks is refused', async () => {
  const { coach } = await makeClub();
  const { classId } = await makeClass(coach);
  const setId = await makeSet(coach, [MATE_IN_1, MATE_IN_2]);
  const ids = async () => valueOf(await getSetPage(coach, setId)).items.map(({ taskId }) => taskId);
  const [one, two] = await ids();
  if (one === undefined || two === undefined) throw new Error('two puzzles');
  valueOf(await orderSet(coach, { setId, taskIds: [two, one] }));
  expect(await ids()).toEqual([two, one]);
  valueOf(await giveSet(coach, { requestId: makeUuid(), setId, classId }));
  valueOf(await orderSet(coach, { setId, taskIds: [two, one] }));
  expect(valueOf(await getSetPage(coach, setId)).version).toBe(1);
  valueOf(await orderSet(coach, { setId, taskIds: [one, two] }));
  expect(valueOf(await getSetPage(coach, setId))).toMatchObject({ version: 2, isGiven: false });
  expect(await ids()).toEqual([one, two]);
  for (const taskIds of [[one], [one, one], [one, two, two]]) {
    expect(await orderSet(coach, { setId, taskIds })).toEqual({ ok: false, error: { code: 'set/changed' } });
  }
});

test('every puzzle carries its grade, with the reasons', async () => {
  const { coach } = await makeClub();
  const { items } = valueOf(await getSetPage(coach, await makeSet(coach, [MATE_IN_1, MATE_IN_2])));
  const grades = items.map((item) => (item.family === 'mate' ? item.grade : undefined));
  expect(grades.map((grade) => grade?.reasons.length)).not.toContain(0);
  expect(grades[0]?.number).toBeLessThan(grades[1]?.number ?? 0);
});
