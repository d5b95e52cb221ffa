/** Which answers progress is weighed from: of every child the newest of each family, compared with plain code over all rows. */
import { v4 as makeUuid } from 'uuid';
import { createRandom, pickOne } from '@/core/shared';
import { listProgressAnswers } from '@/server/data/attempts';
import { getDb, insertRow } from '@/server/db';
import { addStudent } from '@/server/services/classes';
import { makeClass, makeClub, valueOf, withDatabase } from '../support/database';

withDatabase();

/** A child's answers of one family that are looked at. */
const MOST = 60;
const SEED = 4411;
const DAY_MS = 86_400_000;

test('of each child the newest answers of each family are read, whatever the others have answered', async () => {
  const { lead } = await makeClub();
  const { classId, student } = await makeClass(lead);
  const wren = valueOf(await addStudent(lead, { requestId: makeUuid(), classId, name: 'Wren' }));
  const children = [student.studentId, wren.studentId];
  const db = getDb();
  const tasks = [];
  for (const family of ['find-square', 'find-square', 'name-square', 'square-colour']) {
    const key = makeUuid();
    const row = { family, family_version: 1, skill: 'coordinates', level: 1, payload: '{}', twin_key: key };
    const taskId = await insertRow(db, 'tasks', { ...row, club_id: lead.clubId, exact_key: key });
    tasks.push({ taskId, family });
  }
  const rounds = new Map<number, Awaited<ReturnType<typeof insertRow<'rounds'>>>>();
  for (const studentId of children)
    rounds.set(studentId, await insertRow(db, 'rounds', { student_id: studentId, started_at: new Date(0) }));

  // One child answers far more, and the first family far more often than the others.
  const random = createRandom(SEED);
  const stored: { id: number; student: number; family: string }[] = [];
  for (let made = 0; made < 300; made += 1) {
    const studentId = pickOne(random, [...children, student.studentId, student.studentId]);
    const { taskId, family } = pickOne(random, [...tasks, ...tasks.slice(0, 2), ...tasks.slice(0, 2)]);
    const roundId = rounds.get(studentId);
    if (roundId === undefined) throw new Error('every child has a round');
    const id = await insertRow(db, 'attempts', {
      client_id: makeUuid(),
      student_id: studentId,
      class_id: classId,
      task_id: taskId,
      round_id: roundId,
      try_number: made + 1,
      answer: JSON.stringify({ kind: 'number', value: 1 }),
      hints: 0,
      spent_ms: 10,
      answered_at: new Date(DAY_MS + made * 1000),
      received_at: new Date(DAY_MS + made * 1000),
    });
    const diagnoses = JSON.stringify({ codes: [], wrongPly: null });
    await db('verdicts').insert({ attempt_id: id, judge_version: 1, outcome: 'right', diagnoses });
    stored.push({ id, student: studentId, family });
  }

  const newestFirst = stored.toReversed();
  const meant = stored.filter((answer) => {
    const same = newestFirst.filter(
      ({ student: child, family }) => child === answer.student && family === answer.family,
    );
    return same.indexOf(answer) < MOST;
  });
  // The bound is met, and not by every family.
  const familiesOf = (answers: typeof stored) => answers.filter(({ family }) => family === 'square-colour');
  expect(meant.length).toBeLessThan(stored.length);
  expect(familiesOf(meant)).toEqual(familiesOf(stored));

  const read = await listProgressAnswers(db, { studentIds: children });
  const told = (answers: readonly { readonly student: number; readonly family: string }[]) =>
    answers.map(({ student: child, family }) => `${child} ${family}`);
  // In the order in which they were given, the tries told apart by their numbers.
  expect(told(read)).toEqual(told(meant));
  expect(read.map(({ tryNumber }) => tryNumber)).toEqual(meant.map((answer) => stored.indexOf(answer) + 1));
  expect(told(await listProgressAnswers(db, { studentIds: [wren.studentId] }))).toEqual(
    told(meant.filter(({ student: child }) => child === wren.studentId)),
  );
});
