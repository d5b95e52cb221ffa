/** A child's record: seen, handed out, erased everywhere, and what is told of those who are long gone. */
import { v4 as makeUuid } from 'uuid';
import { newAttemptSchema } from '@/contracts/attempts';
import type { StudentId, TaskId } from '@/contracts/ids';
import type { StudentActor } from '@/server/auth/actors';
import { getDb } from '@/server/db';
import { addStudent, removeStudent } from '@/server/services/classes';
import { runAt } from '@/server/services/clock';
import { addGame } from '@/server/services/games';
import {
  changeLesson,
  getLessonsPage,
  giveCatchUp,
  noteAttendance,
  scheduleLessons,
} from '@/server/services/lessons';
import { setStudentStage, startPractice } from '@/server/services/paths';
import { askQuestion, beginLive, storeSuggestion } from '@/server/services/live';
import { startNextRound } from '@/server/services/nextRound';
import { addPlan, savePlan } from '@/server/services/plans';
import { writeEmail } from '@/server/services/outbox';
import { eraseStudent, exportRecord, getChildPage, listGone, listAuditLog } from '@/server/services/records';
import { storeOrTell } from '@/server/services/refusedAnswers';
import { openSeatRound, storeAttempt, storeShown } from '@/server/services/seat';
import { giveSet } from '@/server/services/sets';
import { addTerm, listOwnTerms, saveTerm } from '@/server/services/terms';
import { noteUnsentAnswers } from '@/server/services/unsentAnswers';
import { makeClass, makeClub, makeSet, MATE_IN_1, valueOf, withDatabase } from '../support/database';

withDatabase();

const NAME = 'Zephyrine';

/** A child of which there is something in every table that can hold something of a child. */
async function makeRich() {
  const { lead, coach } = await makeClub();
  const { classId, student } = await makeClass(coach, NAME);
  const { studentId } = student;
  const other = valueOf(await addStudent(coach, { requestId: makeUuid(), classId, name: 'Wren' })).studentId;
  const setId = await makeSet(coach, [MATE_IN_1]);
  const assignmentId = valueOf(await giveSet(coach, { requestId: makeUuid(), setId, classId }));
  for (const seat of [student, { ...student, studentId: other, name: 'Wren' }])
    await answerOnce(seat, assignmentId);
  valueOf(await setStudentStage(coach, { classId, studentId, stage: 'board', isOpen: true }));
  valueOf(await startPractice(student, { requestId: makeUuid(), stage: 'board' }));
  valueOf(await startNextRound(student, { requestId: makeUuid() }));
  const game = (title: string, whose: StudentId) =>
    addGame(coach, {
      requestId: makeUuid(),
      title,
      result: '1-0',
      fen: 'rnbqkbnr/pppppppp/8/8/8/8/PPPPPPPP/RNBQKBNR w KQkq - 0 1',
      moves: ['e2e4', 'f7f6', 'd2d4', 'g7g5', 'd1h5'],
      playedBy: { classId, studentId: whose, side: 'white' },
      plies: [4],
      maxMoves: 1,
    });
  valueOf(await game(`${NAME} against Wren`, studentId));
  valueOf(await game(`Wren against ${NAME}, not ${NAME}a`, other));
  const planId = valueOf(await addPlan(coach, { requestId: makeUuid(), classId, title: 'Plan' }));
  const items = [{ kind: 'set' as const, setId }];
  valueOf(
    await savePlan(coach, {
      planId,
      revision: 1,
      title: 'Plan',
      segments: [{ key: 'p', kind: 'practise', title: '', minutes: 9, notes: '', items }],
    }),
  );
  const today = valueOf(await getLessonsPage(coach, classId)).today;
  const hours = { classId, weekdays: [1, 2, 3, 4, 5, 6, 7], startsAt: '16:00', minutes: 45 };
  valueOf(await scheduleLessons(coach, { ...hours, from: today, to: today }));
  const lessonId = valueOf(await getLessonsPage(coach, classId)).lessons[0]?.lessonId;
  if (lessonId === undefined) throw new Error('a lesson');
  valueOf(await changeLesson(coach, { lessonId, planId }));
  valueOf(await noteAttendance(coach, { lessonId, studentId, wasHere: false }));
  valueOf(await giveCatchUp(coach, { requestId: makeUuid(), lessonId, studentIds: [studentId, other] }));
  const liveId = valueOf(await beginLive(coach, { requestId: makeUuid(), classId, lessonId }));
  const questionId = valueOf(
    await askQuestion(coach, { requestId: makeUuid(), liveId, fen: MATE_IN_1, words: 'White to move' }),
  );
  await storeOrTell(student, { clientId: makeUuid(), hints: 'many' }, newAttemptSchema, storeAttempt);
  valueOf(await noteUnsentAnswers(student, { deviceId: makeUuid(), counts: [{ studentId, answers: 2 }] }));
  valueOf(await storeSuggestion(student, { clientId: makeUuid(), questionId, move: 'a1a8', waitedMs: 0 }));
  const to = 'somebody@example.org';
  valueOf(await writeEmail(coach, { requestId: makeUuid(), classId, studentId, to }));
  valueOf(await writeEmail(coach, { requestId: makeUuid(), classId, studentId: other, to }));
  valueOf(await writeEmail(coach, { requestId: makeUuid(), classId, to }));
  return { lead, coach, classId, studentId, other };
}

async function answerOnce(seat: StudentActor, assignmentId: Parameters<typeof openSeatRound>[1]) {
  const { roundId, tasks } = valueOf(await openSeatRound(seat, assignmentId));
  const taskId = tasks[0]?.taskId as TaskId;
  valueOf(await storeShown(seat, { clientId: makeUuid(), roundId, taskId, waitedMs: 0 }));
  valueOf(
    await storeAttempt(seat, {
      clientId: makeUuid(),
      roundId,
      taskId,
      answer: { kind: 'play', moves: ['a1a8'], slips: 0 },
      hints: 0,
      spentMs: 900,
      waitedMs: 0,
    }),
  );
}

interface Column {
  readonly table: string;
  readonly column: string;
  readonly type: string;
}
async function listColumns(): Promise<Column[]> {
  const [rows] = (await getDb().raw(
    "SELECT table_name AS `table`, column_name AS `column`, data_type AS type FROM information_schema.columns WHERE table_schema = DATABASE() AND table_name NOT LIKE 'knex%'",
  )) as [Column[]];
  return rows;
}

/** Everywhere in the database where the child is still found: by its number, or by its name in any text. */
async function findTraces(studentId: StudentId): Promise<string[]> {
  const traces: string[] = [];
  for (const { table, column, type } of await listColumns()) {
    const isText = /char|text/.test(type);
    const isOwn = column === 'student_id' || (table === 'people' && column === 'id');
    if (!isText && !isOwn) continue;
    const query = getDb()(table);
    const rows = await (
      isOwn ? query.where(column, studentId) : query.whereRaw('?? REGEXP ?', [column, `\\b${NAME}\\b`])
    ).select(getDb().raw('1'));
    if (rows.length > 0) traces.push(`${table}.${column}`);
  }
  return traces.sort();
}

test('an erased child is found in no table any more; what is of others stays', async () => {
  const { lead, classId, studentId, other } = await makeRich();
  // The search finds it where it is, in every table that names a child.
  const before = await findTraces(studentId);
  const naming = (await listColumns()).filter(({ column }) => column === 'student_id');
  for (const { table } of naming) expect(before).toContain(`${table}.student_id`);
  expect(before).toEqual(expect.arrayContaining(['people.id', 'people.display_name', 'games.title']));
  valueOf(await getChildPage(lead, { classId, studentId }));

  expect(await eraseStudent(lead, { studentId, name: 'Zephyr' })).toMatchObject({
    error: { code: 'student/other-name' },
  });
  expect(await findTraces(studentId)).toEqual(before);
  valueOf(await eraseStudent(lead, { studentId, name: NAME }));
  expect(await findTraces(studentId)).toEqual([]);
  expect(await getDb()('audit_log').whereRaw("JSON_VALUE(details, '$.studentId') = ?", [studentId])).toEqual(
    [],
  );
  expect(await eraseStudent(lead, { studentId, name: NAME })).toMatchObject({ ok: false });

  // The report of the class named the child; that of the other child stays.
  expect(await getDb()('mails').pluck('student_id')).toEqual([other]);
  expect(await getDb()('games').pluck('title')).toEqual([`Wren against Somebody, not ${NAME}a`]);
  expect(valueOf(await getChildPage(lead, { classId, studentId: other }))).toMatchObject({
    answerCount: 1,
    gameCount: 1,
  });
  expect(valueOf(await listAuditLog(lead)).map(({ action }) => action)).toContain('student/erased');
});

test('only a lead of the club erases', async () => {
  const { lead, coach, studentId } = await makeRich();
  const stranger = { ...lead, clubId: (lead.clubId + 1) as typeof lead.clubId };
  const before = await findTraces(studentId);
  expect(await eraseStudent(coach, { studentId, name: NAME })).toMatchObject({
    error: { code: 'access/not-allowed' },
  });
  expect(await eraseStudent(stranger, { studentId, name: NAME })).toMatchObject({ ok: false });
  expect(await findTraces(studentId)).toEqual(before);
});

test('the record holds everything that is stored, and nothing of another child', async () => {
  const { coach, lead, classId, studentId } = await makeRich();
  const { name, text } = valueOf(await exportRecord(coach, { classId, studentId }));
  expect(name).toBe('record-zephyrine.json');
  const record = JSON.parse(text) as Record<string, unknown>;
  expect(record).toMatchObject({
    format: 'vorschule-record',
    version: 2,
    child: NAME,
    classes: [{ className: 'Lantern class', endsOn: null }],
    attendance: [{ className: 'Lantern class', wasHere: false }],
    games: [{ title: `${NAME} against Wren`, side: 'white' }],
    answers: [
      { family: 'mate', setName: 'First mates', outcome: 'right', answer: { kind: 'play', moves: ['a1a8'] } },
    ],
    shownSolutions: [{ family: 'mate' }],
    rating: { answers: 1 },
    emails: [{ to: 'somebody@example.org', subject: `Report of ${NAME}, Lantern class` }],
  });
  // The other child was written to as well; nothing of it is here.
  expect(record.emails).toHaveLength(1);
  const entries = valueOf(await listAuditLog(lead));
  expect(entries[0]).toMatchObject({ who: 'Tam', action: 'student/record-saved', about: NAME });
  expect(await listAuditLog(coach)).toMatchObject({ error: { code: 'access/not-allowed' } });
});

test('who was in no class for two terms is told to the lead, and nobody sooner', async () => {
  const at = (day: string) => new Date(`${day}T09:00:00Z`);
  const scene = await runAt(at('2026-01-12'), async () => {
    const { lead, coach } = await makeClub();
    return { lead, coach, ...(await makeClass(coach, NAME)) };
  });
  const { lead, coach, classId, student } = scene;
  const [first] = await listOwnTerms(lead);
  if (first === undefined) throw new Error('a term');
  valueOf(
    await saveTerm(lead, { termId: first.termId, name: 'One', startsOn: '2026-01-12', endsOn: '2026-04-30' }),
  );
  valueOf(await addTerm(lead, { name: 'Two', startsOn: '2026-05-01', endsOn: '2026-08-31' }));
  valueOf(await addTerm(lead, { name: 'Three', startsOn: '2026-09-01', endsOn: '2026-12-31' }));
  await runAt(at('2026-03-02'), async () =>
    valueOf(await removeStudent(coach, { classId, studentId: student.studentId })),
  );
  const goneOn = (day: string) => runAt(at(day), () => listGone(lead));
  expect(await goneOn('2026-08-31')).toEqual([]);
  expect(await goneOn('2026-09-01')).toEqual([
    { studentId: student.studentId, name: NAME, lastDay: '2026-03-02' },
  ]);
  expect(await listGone(coach)).toEqual([]);
});
