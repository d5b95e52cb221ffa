import { v4 as makeUuid } from 'uuid';
import { openExercise, PATH_PRESETS, STAGES } from '@/core/exercises';
import { getClassPage } from '@/server/services/classes';
import { storeAttempt } from '@/server/services/seat';
import {
  getClassPath,
  getStudentPath,
  openPractice,
  saveClassPath,
  setStudentStage,
  startPractice,
} from '@/server/services/paths';
import { makeClass, makeClub, valueOf, withDatabase } from '../support/database';

withDatabase();

async function makeWay() {
  const { coach, lead } = await makeClub();
  const { classId, student } = await makeClass(coach);
  const practise = async (requestId = makeUuid()) =>
    valueOf(await startPractice(student, { requestId, stage: 'board' }));
  return { coach, lead, classId, student, practise };
}

test('a path begins with nothing begun; stages that are not built are absent', async () => {
  const { student } = await makeWay();
  const { stages, next } = await getStudentPath(student);
  expect(next).toBe('board');
  expect(stages.every(({ masteryState }) => masteryState === 'not-begun')).toBe(true);
  expect(stages.map(({ stage }) => stage)).toEqual([...STAGES.slice(0, 8), 'named-mates', 'forced-mates']);
});

test('a practice round has fresh tasks, is begun once, and its right answers alone do not master the stage', async () => {
  const { student, practise } = await makeWay();
  const requestId = makeUuid();
  const roundId = await practise(requestId);
  expect(await practise(requestId)).toBe(roundId);
  const answerAll = async (id: typeof roundId) => {
    const round = valueOf(await openPractice(student, id));
    expect(round.tasks).toHaveLength(6);
    for (const task of round.tasks) {
      if (task.family === 'mate') throw new Error('no mates in practice');
      const stored = await storeAttempt(student, {
        clientId: makeUuid(),
        roundId: id,
        taskId: task.taskId,
        answer: openExercise(task).solution,
        hints: 0,
        spentMs: 1000,
        waitedMs: 0,
      });
      expect(valueOf(stored).outcome).toBe('right');
    }
    return round;
  };
  await answerAll(roundId);
  const { stages, next } = await getStudentPath(student);
  // Six right answers of one day at the first level: on the way, and what is still to come is told.
  expect(stages[0]).toMatchObject({
    stage: 'board',
    masteryState: 'begun',
    gaps: [{ kind: 'families', count: 3 }, { kind: 'another-day' }],
  });
  expect(next).toBe('board');
  expect(valueOf(await openPractice(student, roundId)).tasks.every(({ isSolved }) => isSolved)).toBe(true);
  // The next round takes the families that have not been seen.
  const second = await answerAll(await practise());
  const first = valueOf(await openPractice(student, roundId));
  const families = (round: typeof first) => new Set(round.tasks.map(({ family }) => family));
  expect([...families(second)].some((family) => families(first).has(family))).toBe(false);
});

test("somebody else's practice is not opened, a stage that is not open or not built not begun", async () => {
  const { coach, classId, student, practise } = await makeWay();
  const roundId = await practise();
  const other = { ...student, studentId: (student.studentId + 1) as typeof student.studentId };
  expect(await openPractice(other, roundId)).toMatchObject({ ok: false, error: { code: 'round/not-found' } });
  const order = PATH_PRESETS['mate-early'].map((stage) => ({ stage, isOpen: stage !== 'board' }));
  valueOf(await saveClassPath(coach, { classId, stages: order }));
  for (const stage of ['board', 'motifs', 'opening'] as const) {
    expect(await startPractice(student, { requestId: makeUuid(), stage })).toMatchObject({
      ok: false,
      error: { code: 'path/not-open' },
    });
  }
});

test('what a child practises is among the last answers of its class', async () => {
  const { coach, classId, student, practise } = await makeWay();
  const roundId = await practise();
  const [, second] = valueOf(await openPractice(student, roundId)).tasks;
  if (second === undefined || second.family === 'mate') throw new Error('six exercises');
  valueOf(
    await storeAttempt(student, {
      clientId: makeUuid(),
      roundId,
      taskId: second.taskId,
      answer: openExercise(second).solution,
      hints: 0,
      spentMs: 1000,
      waitedMs: 0,
    }),
  );
  expect(valueOf(await getClassPage(coach, classId)).latestAnswers).toMatchObject([
    { practised: 'board', setName: undefined, puzzleNumber: 2, outcome: 'right', tryNumber: 1 },
  ]);
});

test('the order of a class is kept, and only its own coach or the lead may change it', async () => {
  const { coach, lead, classId, student } = await makeWay();
  expect(valueOf(await getClassPath(coach, classId)).stages.map(({ stage }) => stage)).toEqual(STAGES);
  const stages = PATH_PRESETS['writing-early'].map((stage) => ({ stage, isOpen: stage !== 'values' }));
  valueOf(await saveClassPath(lead, { classId, stages }));
  expect(valueOf(await getClassPath(coach, classId)).stages).toEqual(stages);
  const seen = (await getStudentPath(student)).stages.map(({ stage }) => stage);
  expect(seen.slice(0, 3)).toEqual(['board', 'notation', 'movement']);
  expect(seen).not.toContain('values');
  const stranger = { ...coach, coachId: (coach.coachId + 50) as typeof coach.coachId };
  expect(await saveClassPath(stranger, { classId, stages })).toMatchObject({
    ok: false,
    error: { code: 'class/not-found' },
  });
});

test('a stage is opened or closed for one child, whatever holds for the class, and given back to it', async () => {
  const { coach, classId, student } = await makeWay();
  const { student: other } = await makeClass(coach);
  const seen = async () => (await getStudentPath(student)).stages.map(({ stage }) => stage);
  const set = (stage: 'board' | 'values', isOpen?: boolean) =>
    setStudentStage(coach, {
      classId,
      studentId: student.studentId,
      stage,
      ...(isOpen === undefined ? {} : { isOpen }),
    });
  const stages = PATH_PRESETS['board-first'].map((stage) => ({ stage, isOpen: stage !== 'values' }));
  valueOf(await saveClassPath(coach, { classId, stages }));
  valueOf(await set('values', true));
  valueOf(await set('values', true));
  valueOf(await set('board', false));
  expect(await seen()).toContain('values');
  expect(await seen()).not.toContain('board');
  expect(await startPractice(student, { requestId: makeUuid(), stage: 'board' })).toMatchObject({
    ok: false,
    error: { code: 'path/not-open' },
  });
  const own = valueOf(await getClassPath(coach, classId)).students.find(
    ({ studentId }) => studentId === student.studentId,
  );
  expect(own?.stages).toEqual(
    expect.arrayContaining([
      { stage: 'values', isOpen: true },
      { stage: 'board', isOpen: false },
    ]),
  );
  valueOf(await set('values'));
  valueOf(await set('board'));
  expect(await seen()).toContain('board');
  expect(await seen()).not.toContain('values');
  // A child of another class is none of this one's.
  expect(
    await setStudentStage(coach, { classId, studentId: other.studentId, stage: 'board', isOpen: false }),
  ).toMatchObject({ ok: false, error: { code: 'class/not-found' } });
});
