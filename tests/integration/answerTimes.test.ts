/** The clock of a device is not believed; moments that were stored when it was do no harm; what could not be stored is told. */
import { v4 as makeUuid } from 'uuid';
import { newAttemptSchema, type NewAttempt } from '@/contracts/attempts';
import { getDb } from '@/server/db';
import { up as mendAnswerTimes } from '@/server/db/migrations/0052_answer_times';
import { getAnswersPage } from '@/server/services/answers';
import { getClassPage } from '@/server/services/classes';
import { getClassProgress } from '@/server/services/classProgress';
import { runAt } from '@/server/services/clock';
import { rebuildProgress } from '@/server/services/progress';
import { exportRecord, getChildPage } from '@/server/services/records';
import { storeOrTell } from '@/server/services/refusedAnswers';
import { printReport } from '@/server/services/reports';
import { openSeatRound, storeAttempt } from '@/server/services/seat';
import { giveSet } from '@/server/services/sets';
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

const DAY_MS = 86_400_000;
const GIVEN = new Date('2026-10-01T15:00:00.000Z');
const RECEIVED = new Date('2026-10-20T15:00:00.000Z');

async function makeSeat() {
  const { coach } = await makeClub();
  const { classId, student } = await makeClass(coach);
  const setId = await makeSet(coach, [MATE_IN_1, MATE_IN_2]);
  const assignmentId = valueOf(await giveSet(coach, { requestId: makeUuid(), setId, classId }));
  const round = valueOf(await runAt(GIVEN, () => openSeatRound(student, assignmentId)));
  const attempt = (more: Partial<NewAttempt> = {}): NewAttempt => ({
    clientId: makeUuid(),
    roundId: round.roundId,
    taskId: round.tasks[0]?.taskId ?? never(),
    answer: { kind: 'play', moves: ['a1a8'], slips: 0 },
    hints: 0,
    spentMs: 5000,
    waitedMs: 0,
    ...more,
  });
  return { coach, classId, student, assignmentId, round, attempt };
}

function never(): never {
  throw new Error('the set has two tasks');
}

const listTimes = () => getDb()('attempts').orderBy('id').select('answered_at', 'received_at');

test.each([
  ['sent at once', 0, RECEIVED],
  ['kept offline for ten days', 10 * DAY_MS, new Date(RECEIVED.getTime() - 10 * DAY_MS)],
  ['by a clock that jumped over a century', 100 * 365 * DAY_MS, GIVEN],
  ['by a clock beyond all numbers', Number.MAX_SAFE_INTEGER, GIVEN],
])('an answer %s has its place between task given and receipt', async (_, waitedMs, answeredAt) => {
  const { student, attempt } = await makeSeat();
  valueOf(await runAt(RECEIVED, () => storeAttempt(student, attempt({ waitedMs }))));
  expect(await listTimes()).toEqual([{ answered_at: answeredAt, received_at: RECEIVED }]);
});

test.each([-1, Number.NaN, Number.POSITIVE_INFINITY, '9999-12-31', null, undefined])(
  'a wait of %p is no reason to refuse an answer',
  async (waitedMs) => {
    const { student, attempt } = await makeSeat();
    // As it comes over the wire.
    const body: unknown = JSON.parse(
      JSON.stringify({ ...attempt(), waitedMs, answeredAt: '9999-12-31T23:59:59Z' }),
    );
    const parsed = newAttemptSchema.parse(body);
    valueOf(await runAt(RECEIVED, () => storeAttempt(student, parsed)));
    expect(await listTimes()).toEqual([{ answered_at: RECEIVED, received_at: RECEIVED }]);
  },
);

/** One answer each, the first of which counts, stored as of these moments when devices were still believed. */
const BELIEVED = ['9999-12-31', '2999-01-01', '2027-06-01', '1970-01-01', '1000-01-01'];

async function makeBelieved() {
  const made = await makeSeat();
  for (const day of BELIEVED) {
    const stored = made.attempt();
    valueOf(await runAt(RECEIVED, () => storeAttempt(made.student, stored)));
    await getDb().raw('UPDATE attempts SET answered_at = ? WHERE client_id = ?', [
      `${day} 12:00:00`,
      stored.clientId,
    ]);
  }
  return made;
}

test('every page of a child and its class opens with moments of any year in the database', async () => {
  const { coach, classId, student, assignmentId } = await makeBelieved();
  const { studentId } = student;
  const { story } = valueOf(await getChildPage(coach, { classId, studentId }));
  // A chart of eight thousand years shows nobody anything, and took a server's memory.
  expect(story.weeks.length).toBeLessThanOrEqual(520);
  expect(story.weeks.at(-1)).toMatchObject({ answers: 1 });
  valueOf(await getClassPage(coach, classId));
  valueOf(await getClassProgress(coach, classId));
  valueOf(await getAnswersPage(coach, assignmentId));
  valueOf(await exportRecord(coach, { classId, studentId }));
  for (const what of ['children', 'class', 'record'] as const) {
    valueOf(await printReport(coach, { what, classId, studentId, paper: 'a4' }));
  }
});

test('stored moments are brought back between task given and receipt, once and for all', async () => {
  await makeBelieved();
  await mendAnswerTimes(getDb());
  const mended = [RECEIVED, RECEIVED, RECEIVED, GIVEN, GIVEN];
  expect(await listTimes()).toEqual(mended.map((at) => ({ answered_at: at, received_at: RECEIVED })));
  await mendAnswerTimes(getDb());
  expect(await listTimes()).toEqual(mended.map((at) => ({ answered_at: at, received_at: RECEIVED })));
  await rebuildProgress();
  const due = await getDb()('topic_progress').pluck('due_at');
  // A first right answer is due again within weeks, not in a year a device made up.
  for (const dueAt of due) expect(dueAt.getTime()).toBeLessThan(RECEIVED.getTime() + 60 * DAY_MS);
});

test('an answer kept for another child waits; one to a round that is gone is refused for good and told to the coach', async () => {
  const { coach, classId, student, attempt } = await makeSeat();
  const { studentId } = student;
  const store = (body: unknown) => storeOrTell(student, body, newAttemptSchema, storeAttempt);
  expect(await store(attempt({ studentId: (studentId + 1) as typeof studentId }))).toMatchObject({
    error: { code: 'access/not-allowed' },
  });
  const gone = attempt({ studentId, roundId: 999_999 as NewAttempt['roundId'] });
  for (let time = 0; time < 2; time += 1) {
    expect(await store(gone)).toMatchObject({ error: { code: 'round/gone' } });
  }
  expect(await store({ ...attempt(), hints: 'many' })).toMatchObject({ error: { code: 'input/not-valid' } });
  const told = valueOf(await getClassPage(coach, classId)).refusedAnswers;
  expect(told.map(({ studentName, reason }) => [studentName, reason])).toEqual([
    ['Pip', 'input/not-valid'],
    ['Pip', 'round/gone'],
  ]);
});

test('an answer that a bug of ours keeps out is told, and no longer once it is stored', async () => {
  const { coach, classId, student, attempt } = await makeSeat();
  const body = attempt();
  const broken = storeOrTell(student, body, newAttemptSchema, () => Promise.reject(new Error('a bug')));
  await expect(broken).rejects.toThrow('a bug');
  expect(valueOf(await getClassPage(coach, classId)).refusedAnswers).toMatchObject([
    { reason: 'server/failed' },
  ]);
  valueOf(await storeOrTell(student, body, newAttemptSchema, storeAttempt));
  expect(valueOf(await getClassPage(coach, classId)).refusedAnswers).toEqual([]);
});

test('a device that sends rubbish for ever fills no table', async () => {
  const { coach, classId, student, attempt } = await makeSeat();
  for (let time = 0; time < 105; time += 1) {
    await storeOrTell(
      student,
      { ...attempt(), hints: -1, extra: 'x'.repeat(5000) },
      newAttemptSchema,
      storeAttempt,
    );
  }
  expect(valueOf(await getClassPage(coach, classId)).refusedAnswers).toHaveLength(100);
  const bodies = await getDb()('refused_answers').pluck('body');
  expect(Math.max(...bodies.map((body) => body.length))).toBe(2000);
});
