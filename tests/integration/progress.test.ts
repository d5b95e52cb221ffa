/** What is derived from answers is the same whether it was kept up to date or worked out anew, and every figure names its answers. */
import { v4 as makeUuid } from 'uuid';
import type { StudentActor } from '@/server/auth/actors';
import { getDb } from '@/server/db';
import { runAt } from '@/server/services/clock';
import { getChildProgress, listTopicAnswers, rebuildProgress } from '@/server/services/progress';
import { startNextRound } from '@/server/services/nextRound';
import { getStudentPath, openPractice, startPractice, setStudentStage } from '@/server/services/paths';
import { giveSet } from '@/server/services/sets';
import { openSeatRound, storeAttempt } from '@/server/services/seat';
import { simulateTries } from '@/cli/demo/simulate';
import { createRandom } from '@/core/shared';
import type { SeatRound } from '@/contracts/attempts';
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

const stored = () =>
  getDb()('topic_progress').orderBy(['student_id', 'topic']).select('student_id', 'topic', 'state', 'due_at');

/** Answers a round as a simulated child does, a day apart. */
async function answerRound(seat: StudentActor, round: SeatRound, seed: number, day: number) {
  const random = createRandom(seed);
  for (const task of round.tasks)
    for (const { answer, hints, spentMs } of simulateTries(random, 0.6, task))
      valueOf(
        await storeAttempt(seat, {
          clientId: makeUuid(),
          roundId: round.roundId,
          taskId: task.taskId,
          answer,
          hints,
          spentMs,
          answeredAt: new Date(Date.UTC(2026, 8, day, 15, 0, 0, seed)).toISOString(),
        }),
      );
}

async function makeAnswered() {
  const { lead, coach } = await makeClub();
  const { classId, student } = await makeClass(coach);
  const setId = await makeSet(coach, [MATE_IN_1, MATE_IN_2]);
  const assignmentId = valueOf(await giveSet(coach, { requestId: makeUuid(), setId, classId }));
  await answerRound(student, valueOf(await openSeatRound(student, assignmentId)), 1, 3);
  valueOf(
    await setStudentStage(coach, { classId, studentId: student.studentId, stage: 'board', isOpen: true }),
  );
  for (const [seed, day] of [
    [2, 10],
    [3, 17],
    // Sent late, by a device whose clock is behind.
    [4, 12],
  ] as const) {
    const roundId = valueOf(await startPractice(student, { requestId: makeUuid(), stage: 'board' }));
    await answerRound(student, valueOf(await openPractice(student, roundId)), seed, day);
  }
  return { lead, coach, classId, student };
}

test('worked out anew, every figure is the same to the letter; a wrong one is put right', async () => {
  const { student } = await makeAnswered();
  const before = await stored();
  expect(before.length).toBeGreaterThan(3);
  expect(await rebuildProgress()).toEqual({ students: 1, changed: 0 });
  expect(await stored()).toEqual(before);

  await getDb()('topic_progress').where({ student_id: student.studentId, topic: 'mate:1' }).delete();
  expect(await rebuildProgress()).toEqual({ students: 1, changed: 1 });
  expect(await stored()).toEqual(before);
  await getDb()('topic_progress').delete();
  await rebuildProgress();
  expect(await stored()).toEqual(before);
});

test('a child’s topics name the answers they come from, and its next round says why', async () => {
  const { coach, lead, classId, student } = await makeAnswered();
  const { studentId } = student;
  const { topics, nextRound } = await getChildProgress(getDb(), studentId);
  const first = await getDb()('attempts')
    .where({ student_id: studentId, try_number: 1 })
    .count({ count: 'id' })
    .first();
  const counted = topics.filter(({ topic }) => !topic.startsWith('pattern:'));
  expect(counted.reduce((sum, { answers }) => sum + answers, 0)).toBe(Number(first?.count));
  for (const { topic, answers, mean, low, high } of topics) {
    expect(low <= mean && mean <= high).toBe(true);
    const page = valueOf(await listTopicAnswers(coach, { classId, studentId, topic }));
    expect(page.answers).toHaveLength(Math.min(20, answers));
    expect(page.mean).toBe(mean);
  }
  expect(nextRound.length).toBeGreaterThan(2);
  const stranger = { ...lead, clubId: (lead.clubId + 1) as typeof lead.clubId };
  expect(await listTopicAnswers(stranger, { classId, studentId, topic: 'mate:1' })).toMatchObject({
    ok: false,
  });
  expect(await listTopicAnswers(coach, { classId, studentId, topic: 'nothing' })).toMatchObject({
    ok: false,
  });
});

test('a child begins its next round once; each task says why it is there, and the plan is what the coach sees', async () => {
  const { student } = await makeAnswered();
  const { nextRound } = await getChildProgress(getDb(), student.studentId);
  const told = (await getStudentPath(student)).nextRound;
  expect(told.reduce((sum, { count }) => sum + count, 0)).toBe(nextRound.length);
  const request = { requestId: makeUuid() };
  const roundId = valueOf(await startNextRound(student, request));
  expect(valueOf(await startNextRound(student, request))).toBe(roundId);
  const round = valueOf(await openPractice(student, roundId));
  expect(round.setName).toBe('My next round');
  expect(round.tasks.length).toBeGreaterThan(2);
  expect(round.reasons).toHaveLength(round.tasks.length);
  for (const why of round.reasons ?? []) expect(['due', 'class', 'stretch']).toContain(why);
  const before = round.tasks.map(({ taskId }) => taskId);
  expect(new Set(before).size).toBe(before.length);
});

test('a mate is due: the round holds one of the club’s of that length', async () => {
  const { student } = await makeAnswered();
  // Long after everything was answered, all of it is due, the mates too.
  await runAt(new Date(Date.UTC(2028, 0, 1)), async () => {
    const roundId = valueOf(await startNextRound(student, { requestId: makeUuid() }));
    const { tasks, reasons } = valueOf(await openPractice(student, roundId));
    expect(reasons?.filter((why) => why === 'due').length).toBeGreaterThan(1);
    expect(tasks.some(({ family }) => family === 'mate')).toBe(true);
  });
});

test('answers of two rounds at the same moment are both taken in', async () => {
  const { student } = await makeAnswered();
  const rounds = [];
  for (let count = 0; count < 2; count += 1) {
    const roundId = valueOf(await startPractice(student, { requestId: makeUuid(), stage: 'board' }));
    rounds.push(valueOf(await openPractice(student, roundId)));
  }
  await Promise.all(rounds.map((round, index) => answerRound(student, round, 20 + index, 20)));
  expect(await rebuildProgress()).toEqual({ students: 1, changed: 0 });
});
