/** What is derived from answers is the same whether it was kept up to date or worked out anew, and every figure names its answers. */
import { v4 as makeUuid } from 'uuid';
import type { SetId } from '@/contracts/ids';
import type { AnswersQuery } from '@/contracts/progress';
import type { CoachActor, StudentActor } from '@/server/auth/actors';
import { getDb } from '@/server/db';
import { listAnswerLines } from '@/server/services/answerLines';
import { getChildStory } from '@/server/services/childStory';
import { addStudent } from '@/server/services/classes';
import { getClassProgress } from '@/server/services/classProgress';
import { runAt } from '@/server/services/clock';
import { addGame } from '@/server/services/games';
import { getChildProgress, listTopicAnswers, rebuildProgress } from '@/server/services/progress';
import { startNextRound } from '@/server/services/nextRound';
import { rebuildRatings } from '@/server/services/ratings';
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
  const moment = new Date(Date.UTC(2026, 8, day, 15, 0, 0, seed));
  for (const task of round.tasks)
    for (const { answer, hints, spentMs } of simulateTries(random, 0.6, task))
      await runAt(moment, async () =>
        valueOf(
          await storeAttempt(seat, {
            clientId: makeUuid(),
            roundId: round.roundId,
            taskId: task.taskId,
            answer,
            hints,
            spentMs,
            waitedMs: 0,
          }),
        ),
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

test('ratings worked out anew are the same to the letter, whatever order the answers are numbered in; a wrong one is put right', async () => {
  const { coach, student } = await makeAnswered();
  await makeRival(coach);
  const stored = async () => [
    await getDb()('rating_steps').orderBy('id').select('attempt_id', 'student_id', 'rating', 'deviation'),
    await getDb()('task_ratings').orderBy('task_id'),
    await getDb()('student_ratings').orderBy('student_id'),
  ];
  const before = await stored();
  expect(before[0]).toHaveLength(4);
  expect(await rebuildRatings()).toBe(false);
  await getDb()('student_ratings').where({ student_id: student.studentId }).update({ rating: 1 });
  expect(await rebuildRatings()).toBe(true);
  expect(await stored()).toEqual(before);
});

/** A second child that answers the same mates. */
async function makeRival(coach: CoachActor) {
  const { classId, student } = await makeClass(coach, 'Otter');
  const [setId] = (await getDb()('sets').pluck<number[]>('id')) as SetId[];
  if (setId === undefined) throw new Error('no set');
  const assignmentId = valueOf(await giveSet(coach, { requestId: makeUuid(), setId, classId }));
  await answerRound(student, valueOf(await openSeatRound(student, assignmentId)), 9, 4);
}

test('every sum of a child’s story leads to just so many answers', async () => {
  const { coach, classId, student } = await makeAnswered();
  const { studentId } = student;
  const story = await getChildStory(getDb(), studentId, 'Atlantic/Faroe');
  const lines = async (of: AnswersQuery['of']) =>
    valueOf(await listAnswerLines(coach, { classId, studentId, of })).answers;
  expect(story.weeks.map(({ monday }) => monday)).toEqual(['2026-08-31', '2026-09-07', '2026-09-14']);
  for (const { monday, answers, right } of story.weeks) {
    const first = (await lines({ kind: 'week', value: monday })).filter(({ tryNumber }) => tryNumber === 1);
    expect(first).toHaveLength(answers);
    expect(first.filter(({ isRight, hints }) => isRight && hints === 0)).toHaveLength(right);
  }
  const [own] = story.classes;
  expect(story.classes).toHaveLength(1);
  expect(await lines({ kind: 'class', value: classId })).toHaveLength(own?.answers ?? -1);
  expect(own?.answers).toBe(story.weeks.reduce((sum, { answers }) => sum + answers, 0));
  expect(story.mistakes.length).toBeGreaterThan(0);
  for (const { code, answers } of story.mistakes)
    expect(await lines({ kind: 'mistake', value: code })).toHaveLength(answers);
  expect(story.ratings).toHaveLength(1);
  for (const { monday, answers } of story.ratings)
    expect(await lines({ kind: 'rated', value: monday })).toHaveLength(answers);
});

test('an evening in the club belongs to the club’s week, whatever the day is in Greenwich', async () => {
  const { student } = await makeAnswered();
  // Sunday the 6th at noon in Greenwich is Monday already in Kiritimati, the first of a new week.
  await getDb().raw("UPDATE attempts SET answered_at = '2026-09-06 12:00:00'");
  const mondays = async (timeZone: string) =>
    (await getChildStory(getDb(), student.studentId, timeZone)).weeks.map(({ monday }) => monday);
  expect(await mondays('Pacific/Kiritimati')).toEqual(['2026-09-07']);
  expect(await mondays('Atlantic/Faroe')).toEqual(['2026-08-31']);
});

test('chances in a child’s own games are counted at its own turn only', async () => {
  const { coach } = await makeClub();
  const { classId, student } = await makeClass(coach);
  const playedBy = { classId, studentId: student.studentId, side: 'white' as const };
  // Fool's mate: White is mated in the second move and had nothing; the chance is Black's.
  valueOf(
    await addGame(coach, {
      requestId: makeUuid(),
      title: 'A short game',
      result: '0-1',
      fen: 'rnbqkbnr/pppppppp/8/8/8/8/PPPPPPPP/RNBQKBNR w KQkq - 0 1',
      moves: ['f2f3', 'e7e5', 'g2g4', 'd8h4'],
      playedBy,
      plies: [2, 3],
      maxMoves: 1,
    }),
  );
  const { games } = await getChildStory(getDb(), student.studentId, 'Atlantic/Faroe');
  expect(games.games).toHaveLength(1);
  expect(games.mates).toEqual({ played: 0, slower: 0, missed: 0 });
  expect(games.mated).toBe(1);
});

test('a class sees its children in the order of their names, with what is needed, given and attended', async () => {
  const { coach, classId, student } = await makeAnswered();
  const added = valueOf(await addStudent(coach, { requestId: makeUuid(), classId, name: 'Aspen' }));
  const page = valueOf(await getClassProgress(coach, classId));
  expect(page.students.map(({ name }) => name)).toEqual(['Aspen', student.name]);
  const { topics } = await getChildProgress(getDb(), student.studentId);
  expect(page.topics).toHaveLength(topics.length);
  for (const { topic, cells } of page.topics) {
    expect(cells[0]).toBeUndefined();
    expect(cells[1]?.mean).toBe(topics.find((one) => one.topic === topic)?.mean);
  }
  const [given] = page.homework;
  expect(given?.cells[0]).toBeUndefined();
  expect(given?.puzzleCount).toBe(2);
  expect(given?.cells[1]?.solved).toBeLessThanOrEqual(2);
  expect(page.attendance[1]?.answers).toBeGreaterThan(10);
  expect(page.attendance[0]).toEqual({ here: 0, away: 0, answers: 0, right: 0 });
  expect(page.alone).toEqual(['Aspen', student.name]);
  expect(added.name).toBe('Aspen');
});
