import { v4 as makeUuid } from 'uuid';
import { EXERCISE_IDS, openExercise, type Answer } from '@/core/exercises';
import { getAnswersPage } from '@/server/services/answers';
import { getSeatHome, openSeatRound, storeAttempt } from '@/server/services/seat';
import { addHabit, addQuestion } from '@/server/services/setBuilder';
import { addPuzzle, addRound, addSet, getSetPage, giveSet, listOwnSets } from '@/server/services/sets';
import type { AssignmentId, RoundId, SetId, TaskId } from '@/contracts/ids';
import {
  makeClass,
  makeClub,
  makeSet,
  MATE_IN_1,
  MATE_IN_2,
  valueOf,
  withDatabase,
} from '../support/database';

withDatabase();

test('a round of any family goes into a set; the same round twice is there once, more of it is added', async () => {
  const { coach } = await makeClub();
  const setId = await makeSet(coach, []);
  for (const family of EXERCISE_IDS) {
    const round = { setId, family, level: 1, seed: 5, count: 1 } as const;
    expect(valueOf(await addRound(coach, round)).added).toBe(1);
  }
  const { items } = valueOf(await getSetPage(coach, setId));
  expect(items.map(({ family }) => family)).toEqual(EXERCISE_IDS);
  const again = { setId, family: 'find-square', level: 1, seed: 5, count: 3 } as const;
  expect(valueOf(await addRound(coach, again)).added).toBe(2);
  const both = await Promise.all([1, 2].map(() => addRound(coach, again)));
  expect(both.map((result) => valueOf(result).added)).toEqual([0, 0]);
  expect(await addRound(coach, { ...again, level: 5 })).toMatchObject({
    ok: false,
    error: { code: 'exercise/no-such-level' },
  });
});

test("another club's set is not found", async () => {
  const { coach } = await makeClub();
  const setId = await makeSet(coach, []);
  const stranger = { ...coach, clubId: (coach.clubId + 1) as typeof coach.clubId };
  expect(await addRound(stranger, { setId, family: 'reach', level: 1, seed: 1, count: 1 })).toMatchObject({
    ok: false,
    error: { code: 'set/not-found' },
  });
});

test('exercises and puzzles lie in one set: answered, judged by the server, and seen by the coach', async () => {
  const { coach } = await makeClub();
  const { classId, student } = await makeClass(coach);
  const setId = await makeSet(coach, [MATE_IN_1]);
  valueOf(await addRound(coach, { setId, family: 'name-square', level: 1, seed: 3, count: 1 }));
  const assignmentId = valueOf(await giveSet(coach, { requestId: makeUuid(), setId, classId }));
  const round = valueOf(await openSeatRound(student, assignmentId));
  const [, exercise] = round.tasks;
  if (exercise === undefined || exercise.family === 'mate') throw new Error('the second task is an exercise');
  const { solution } = openExercise(exercise);
  if (solution.kind !== 'write') throw new Error('a square is named in writing');
  const attempt = (answer: Answer) => ({
    clientId: makeUuid(),
    roundId: round.roundId,
    taskId: exercise.taskId,
    answer,
    hints: 1,
    spentMs: 4000,
    waitedMs: 0,
  });
  const reversed = Array.from(solution.text).reverse().join('');
  expect(valueOf(await storeAttempt(student, attempt({ kind: 'write', text: reversed }))).outcome).toBe(
    'wrong',
  );
  expect(valueOf(await storeAttempt(student, attempt(solution))).outcome).toBe('right');
  expect(await storeAttempt(student, attempt({ kind: 'number', value: 4 }))).toMatchObject({
    ok: false,
    error: { code: 'answer/another-mode' },
  });
  const page = valueOf(await getAnswersPage(coach, assignmentId));
  expect(page.puzzles.map(({ family }) => family)).toEqual(['mate', 'name-square']);
  expect(page.rows[0]?.cells[1]).toMatchObject({ tries: 2, isSolved: true, firstWrong: `"${reversed}"` });
});

test('a set that begins with an exercise shows its board, or none where it is asked without', async () => {
  const { coach } = await makeClub();
  const setId = await makeSet(coach, []);
  valueOf(await addRound(coach, { setId, family: 'trade', level: 1, seed: 1, count: 1 }));
  expect((await listOwnSets(coach))[0]).toMatchObject({ puzzleCount: 1, firstFen: undefined });
  const other = await makeSet(coach, []);
  valueOf(await addRound(coach, { setId: other, family: 'captures', level: 1, seed: 1, count: 1 }));
  const found = (await listOwnSets(coach)).find((one) => one.setId === other);
  expect(found?.firstFen).toMatch(/\//);
});

test('a puzzle is given once more, to be answered before a man moves; the same way twice is there once', async () => {
  const { coach } = await makeClub();
  const setId = await makeSet(coach, [MATE_IN_2, MATE_IN_1]);
  const items = async () => valueOf(await getSetPage(coach, setId)).items;
  const [two, one] = await items();
  if (two === undefined || one === undefined) throw new Error('the set has two puzzles');
  for (const habit of ['last-square', 'whole-line', 'right-order', 'whole-line'] as const) {
    valueOf(await addHabit(coach, { setId, taskId: two.taskId, habit }));
  }
  const families = (await items()).map(({ family }) => family);
  expect(families).toEqual(['mate', 'mate', 'last-square', 'whole-line', 'right-order']);
  for (const item of (await items()).slice(2)) {
    if (item.family === 'mate') throw new Error('an exercise');
    const { solution, judge } = openExercise(item);
    expect([item.family, judge(solution).outcome]).toEqual([item.family, 'right']);
  }
  // Of one move there is no line and no order.
  for (const habit of ['whole-line', 'right-order'] as const) {
    expect(await addHabit(coach, { setId, taskId: one.taskId, habit })).toEqual({
      ok: false,
      error: { code: 'exercise/asks-nothing' },
    });
  }
});

test('a question of a board that was brought goes into a set once, given or not', async () => {
  const { coach } = await makeClub();
  const { classId } = await makeClass(coach);
  const setId = await makeSet(coach, [MATE_IN_1]);
  const fen = '4k3/8/8/1n6/8/8/8/1R4K1 w - - 0 1';
  const input = { setId, exercise: { family: 'captures' as const, level: 2 as const, task: { fen } } };
  const both = await Promise.all([1, 2].map(() => addQuestion(coach, input)));
  expect(both.map((added) => valueOf(added).number)).toEqual([2, 2]);
  expect(both.filter((added) => valueOf(added).isAlreadyThere)).toHaveLength(1);
  valueOf(await giveSet(coach, { requestId: makeUuid(), setId, classId }));
  const none = { ...input.exercise, task: { fen: '4k3/8/8/1n6/8/8/8/R5K1 w - - 0 1' } };
  expect(valueOf(await addQuestion(coach, { setId, exercise: none })).number).toBe(3);
  const { items } = valueOf(await getSetPage(coach, setId));
  expect(items.slice(1)).toMatchObject([input.exercise, none]);
  const stranger = { ...coach, clubId: (coach.clubId + 1) as typeof coach.clubId };
  expect(await addQuestion(stranger, input)).toMatchObject({ ok: false, error: { code: 'set/not-found' } });
});

test('a stair answered at once in another set counts as climbed, on the seat and for the coach; no other set has such', async () => {
  const { coach } = await makeClub();
  const { classId, student } = await makeClass(coach);
  const give = async (setId: SetId) =>
    valueOf(await giveSet(coach, { requestId: makeUuid(), setId, classId }));
  const open = async (assignmentId: AssignmentId) => valueOf(await openSeatRound(student, assignmentId));
  const first = await open(await give(await makeSet(coach, [MATE_IN_1])));
  const mate = (roundId: RoundId) =>
    storeAttempt(student, {
      clientId: makeUuid(),
      roundId,
      taskId: first.tasks[0]?.taskId as TaskId,
      answer: { kind: 'play', moves: ['a1a8'], slips: 0 },
      hints: 0,
      spentMs: 900,
      waitedMs: 0,
    });
  const stairs = { requestId: makeUuid(), name: 'Staircase', isStaircase: true };
  const setId = valueOf(await addSet(coach, stairs));
  for (const fen of [MATE_IN_1, MATE_IN_2]) valueOf(await addPuzzle(coach, { setId, fen }));
  const climb = await give(setId);
  const listClimbed = async (assignmentId: AssignmentId) =>
    (await open(assignmentId)).tasks.map(({ isClimbed }) => isClimbed);
  expect(await listClimbed(climb)).toEqual([false, false]);
  valueOf(await mate(first.roundId));
  expect(await listClimbed(climb)).toEqual([true, false]);
  expect(valueOf(await getAnswersPage(coach, climb)).rows[0]?.cells).toEqual(['climbed', undefined]);
  expect((await getSeatHome(student)).assignments.map(({ solvedCount }) => solvedCount)).toEqual([1, 1]);
  // Solved here as well it is a stair like the others, and counts once.
  valueOf(await mate((await open(climb)).roundId));
  expect(await listClimbed(climb)).toEqual([false, false]);
  expect((await getSeatHome(student)).assignments.map(({ solvedCount }) => solvedCount)).toEqual([1, 1]);
  // The same puzzles in a set that is no staircase are all to be solved.
  expect(await listClimbed(await give(await makeSet(coach, [MATE_IN_2, MATE_IN_1])))).toEqual([false, false]);
});

test('what took help or a second try is not climbed', async () => {
  const { coach } = await makeClub();
  const { classId, student } = await makeClass(coach);
  const plain = await makeSet(coach, [MATE_IN_1]);
  const assignmentId = valueOf(await giveSet(coach, { requestId: makeUuid(), setId: plain, classId }));
  const round = valueOf(await openSeatRound(student, assignmentId));
  const attempt = {
    roundId: round.roundId,
    taskId: round.tasks[0]?.taskId as TaskId,
    spentMs: 900,
    waitedMs: 0,
  };
  const right: Answer = { kind: 'play', moves: ['a1a8'], slips: 0 };
  valueOf(await storeAttempt(student, { ...attempt, clientId: makeUuid(), answer: right, hints: 1 }));
  valueOf(await storeAttempt(student, { ...attempt, clientId: makeUuid(), answer: right, hints: 0 }));
  const setId = valueOf(await addSet(coach, { requestId: makeUuid(), name: 'Stairs', isStaircase: true }));
  valueOf(await addPuzzle(coach, { setId, fen: MATE_IN_1 }));
  const climb = valueOf(await giveSet(coach, { requestId: makeUuid(), setId, classId }));
  expect(valueOf(await openSeatRound(student, climb)).tasks).toMatchObject([{ isClimbed: false }]);
});
