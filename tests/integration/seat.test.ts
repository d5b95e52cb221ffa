import { v4 as makeUuid } from 'uuid';
import type { NewAttempt, NewShown } from '@/contracts/attempts';
import { getDb } from '@/server/db';
import { getAnswersPage } from '@/server/services/answers';
import { addStudent, getClassPage, removeStudent } from '@/server/services/classes';
import { getSeatHome, openSeatRound, storeAttempt, storeShown } from '@/server/services/seat';
import { giveSet } from '@/server/services/sets';
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

async function makeSeat() {
  const { coach } = await makeClub();
  const { classId, student } = await makeClass(coach);
  const setId = await makeSet(coach, [MATE_IN_1, MATE_IN_2]);
  const assignmentId = valueOf(await giveSet(coach, { requestId: makeUuid(), setId, classId }));
  const round = valueOf(await openSeatRound(student, assignmentId));
  const attempt = (at: number, ...moves: string[]): NewAttempt => {
    const task = round.tasks[at];
    if (task === undefined) throw new Error(`no task ${at}`);
    return {
      clientId: makeUuid(),
      roundId: round.roundId,
      taskId: task.taskId,
      answer: { kind: 'play', moves, slips: 0 },
      hints: 0,
      spentMs: 5000,
      waitedMs: 0,
    };
  };
  return { coach, classId, student, assignmentId, round, attempt };
}

const countAttempts = async () => (await getDb()('attempts').pluck('id')).length;

test('a set given to the class lies on the seat, and opening it twice is one round', async () => {
  const { student, assignmentId, round } = await makeSeat();
  expect(await getSeatHome(student)).toMatchObject({
    assignments: [{ assignmentId, puzzleCount: 2, solvedCount: 0 }],
  });
  const both = await Promise.all([1, 2].map(() => openSeatRound(student, assignmentId)));
  for (const again of both) expect(valueOf(again).roundId).toBe(round.roundId);
});

test('an attempt is judged by the server, whatever the seat believed', async () => {
  const { student, attempt } = await makeSeat();
  expect(valueOf(await storeAttempt(student, attempt(0, 'a1a7')))).toMatchObject({
    outcome: 'wrong',
    tryNumber: 1,
  });
  expect(valueOf(await storeAttempt(student, attempt(0, 'a1a8')))).toMatchObject({
    outcome: 'right',
    tryNumber: 2,
  });
  expect(await getSeatHome(student)).toMatchObject({ assignments: [{ solvedCount: 1 }] });
});

test('the same client id stores once, one after another and all at once', async () => {
  const { student, attempt } = await makeSeat();
  const same = attempt(0, 'a1a8');
  const first = valueOf(await storeAttempt(student, same));
  expect(valueOf(await storeAttempt(student, same))).toEqual(first);
  const rush = attempt(1, 'd6d8');
  const all = await Promise.all(Array.from({ length: 6 }, () => storeAttempt(student, rush)));
  for (const stored of all) expect(valueOf(stored)).toEqual(valueOf(all[0] ?? stored));
  expect(await countAttempts()).toBe(2);
});

test('different attempts at once are numbered without gap or double', async () => {
  const { student, attempt } = await makeSeat();
  const all = await Promise.all(Array.from({ length: 5 }, () => storeAttempt(student, attempt(0, 'a1a7'))));
  expect(all.map((stored) => valueOf(stored).tryNumber).sort()).toEqual([1, 2, 3, 4, 5]);
});

test("nobody answers in somebody else's round, or for a puzzle that is not in it", async () => {
  const { coach, classId, student, attempt } = await makeSeat();
  const other = valueOf(await addStudent(coach, { requestId: makeUuid(), classId, name: 'Moss' }));
  const stranger = { ...student, studentId: other.studentId };
  const refused = { ok: false, error: { code: 'round/not-found' } };
  expect(await storeAttempt(stranger, attempt(0, 'a1a8'))).toEqual(refused);
  const foreign = { ...attempt(0, 'a1a8'), taskId: 999_999 as NewAttempt['taskId'] };
  expect(await storeAttempt(student, foreign)).toEqual(refused);
  expect(await countAttempts()).toBe(0);
});

test('who has left the class finds nothing on the seat any more; the answers stay', async () => {
  const { coach, classId, student, assignmentId, attempt } = await makeSeat();
  valueOf(await storeAttempt(student, attempt(0, 'a1a8')));
  valueOf(await removeStudent(coach, { classId, studentId: student.studentId }));
  expect((await getSeatHome(student)).assignments).toEqual([]);
  expect(await openSeatRound(student, assignmentId)).toMatchObject({ error: { code: 'round/not-found' } });
  expect(await countAttempts()).toBe(1);
});

test('the coach reads tries, time and the first wrong move', async () => {
  const { coach, classId, student, assignmentId, attempt } = await makeSeat();
  for (const moves of [['a1a7'], ['a1b1'], ['a1a8']])
    valueOf(await storeAttempt(student, attempt(0, ...moves)));
  const page = valueOf(await getAnswersPage(coach, assignmentId));
  expect(page.rows).toEqual([
    {
      studentId: student.studentId,
      studentName: 'Pip',
      cells: [
        { tries: 3, isSolved: true, spentMs: 15_000, hints: 0, wasShown: false, firstWrong: 'Ra7' },
        undefined,
      ],
    },
  ]);
  const { latestAnswers, assignments } = valueOf(await getClassPage(coach, classId));
  expect(latestAnswers.map(({ outcome, tryNumber }) => [outcome, tryNumber])).toEqual([
    ['right', 3],
    ['wrong', 2],
    ['wrong', 1],
  ]);
  expect(assignments).toMatchObject([{ finishedCount: 0, puzzleCount: 2 }]);
});

test('a wrong move deep in the line is shown as it was played', async () => {
  const { coach, student, assignmentId, round, attempt } = await makeSeat();
  const puzzle = round.tasks[1];
  if (puzzle?.family !== 'mate') throw new Error('the second task is a puzzle');
  const [key] = puzzle.solution.nodes[0]?.moves ?? [];
  expect(key?.move).toBe('d6d8');
  const reply = key?.replies[0];
  const node = puzzle.solution.nodes[reply?.node ?? 0];
  const [lost] = Object.keys(node?.others ?? {});
  if (reply === undefined || lost === undefined) throw new Error('there is a reply and a wrong second move');
  valueOf(await storeAttempt(student, attempt(1, 'd6d8', reply.move, lost)));
  const cell = valueOf(await getAnswersPage(coach, assignmentId)).rows[0]?.cells[1];
  expect(cell).toMatchObject({ isSolved: false, firstWrong: expect.any(String) as string });
});

test('a solution that was shown is noted once, is no answer, and the coach sees it', async () => {
  const { coach, student, assignmentId, round, attempt } = await makeSeat();
  const { roundId, taskId } = attempt(0, 'a1a7');
  const shown: NewShown = {
    clientId: makeUuid(),
    roundId,
    taskId,
    waitedMs: 0,
    studentId: student.studentId,
  };
  await storeAttempt(student, attempt(0, 'a1a7'));
  const all = await Promise.all(Array.from({ length: 4 }, () => storeShown(student, shown)));
  for (const stored of [...all, await storeShown(student, shown)]) expect(stored.ok).toBe(true);
  expect(await getDb()('shown_solutions').pluck('task_id')).toEqual([taskId]);
  expect(await countAttempts()).toBe(1);
  const page = valueOf(await getAnswersPage(coach, assignmentId));
  expect(page.rows[0]?.cells).toMatchObject([{ tries: 1, isSolved: false, wasShown: true }, undefined]);
  expect((await openSeatRound(student, assignmentId)).ok).toBe(true);
  expect(round.tasks[0]?.isSolved).toBe(false);
});

test("nobody notes a solution in somebody else's round, or for another child", async () => {
  const { coach, classId, student, attempt } = await makeSeat();
  const { roundId, taskId } = attempt(0, 'a1a7');
  const other = valueOf(await addStudent(coach, { requestId: makeUuid(), classId, name: 'Wren' }));
  const shown = { clientId: makeUuid(), roundId, taskId, waitedMs: 0 };
  const wren = { ...student, studentId: other.studentId, name: 'Wren' };
  expect(await storeShown(wren, shown)).toMatchObject({ error: { code: 'round/not-found' } });
  expect(await storeShown(wren, { ...shown, studentId: student.studentId })).toMatchObject({
    error: { code: 'access/not-allowed' },
  });
  expect((await storeShown(student, shown)).ok).toBe(true);
  expect(await storeShown(wren, shown)).toMatchObject({ error: { code: 'access/not-allowed' } });
});
