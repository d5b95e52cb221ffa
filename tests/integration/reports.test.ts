/** Reports, certificates and emails: read back by readers we did not write, and never saying more than was answered. */
import PostalMime from 'postal-mime';
import { v4 as makeUuid } from 'uuid';
import type { ClassId, StudentId } from '@/contracts/ids';
import type { ReportRequest } from '@/contracts/reports';
import { simulateTries } from '@/cli/demo/simulate';
import type { SeatRound } from '@/contracts/attempts';
import type { CoachActor, StudentActor } from '@/server/auth/actors';
import { EXERCISE_IDS, findStage, type Stage } from '@/core/exercises';
import { familyName, PLAIN_TERMS } from '@/text';
import { runAt } from '@/server/services/clock';
import { getDb } from '@/server/db';
import { addStudent } from '@/server/services/classes';
import { saveHouseWords } from '@/server/services/houseWords';
import { exportEmail, getEmailPage, listOutbox, removeEmail, writeEmail } from '@/server/services/outbox';
import { openPractice, setStudentStage, startPractice } from '@/server/services/paths';
import { getReportsPage, printReport } from '@/server/services/reports';
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
import { readPdf } from '../support/pdf';

withDatabase();

/** A child that answers everything right at once. */
async function answerRight(student: StudentActor, { roundId, tasks }: SeatRound) {
  for (const task of tasks)
    for (const { answer, hints, spentMs } of simulateTries(() => 0, 1, task))
      valueOf(
        await storeAttempt(student, {
          clientId: makeUuid(),
          roundId,
          taskId: task.taskId,
          answer,
          hints,
          spentMs,
          waitedMs: 0,
        }),
      );
}

async function makeTaught() {
  const club = await makeClub();
  const { coach } = club;
  const { classId, student } = await makeClass(coach, 'Otter');
  const other = valueOf(await addStudent(coach, { requestId: makeUuid(), classId, name: 'Aspen' }));
  const setId = await makeSet(coach, [MATE_IN_1, MATE_IN_2]);
  const assignmentId = valueOf(await giveSet(coach, { requestId: makeUuid(), setId, classId }));
  await answerRight(student, valueOf(await openSeatRound(student, assignmentId)));
  await practise(coach, classId, student, 'board');
  return { ...club, classId, student, otherId: other.studentId };
}

/** Rounds of a stage day after day, all of it right: enough to leave the first level of its families and show the next. */
async function practise(coach: CoachActor, classId: ClassId, student: StudentActor, stage: Stage) {
  const { studentId } = student;
  valueOf(await setStudentStage(coach, { classId, studentId, stage, isOpen: true }));
  const first = Date.now() - 8 * 86_400_000;
  for (let round = 0; round < 8; round += 1) {
    await runAt(new Date(first + round * 86_400_000), async () => {
      const roundId = valueOf(await startPractice(student, { requestId: makeUuid(), stage }));
      await answerRight(student, valueOf(await openPractice(student, roundId)));
    });
  }
}

const read = async (actor: CoachActor, request: ReportRequest) =>
  readPdf(valueOf(await printReport(actor, request)).bytes);
const whole = ({ pages }: ReturnType<typeof readPdf>) => pages.map(({ text }) => text).join(' ');

test('every child has a page of its own that names no other child, and a batch holds them all', async () => {
  const { coach, classId, student } = await makeTaught();
  const all = await read(coach, { what: 'children', classId, paper: 'a4', studentId: undefined });
  expect(all.isTagged).toBe(true);
  expect(all.pages).toHaveLength(2);
  const [aspen, otter] = all.pages;
  expect(aspen?.text).toMatch(/^Aspen .*too early to say/);
  expect(aspen?.text).not.toContain('Otter');
  expect(otter?.text).toMatch(/^Otter .*What Otter can/);
  expect(otter?.text).not.toContain('Aspen');
  // The longest mate it found at once is its diagram.
  expect(otter?.text).toContain('Mate in 2.');
  expect(otter?.text).toContain('not compared with anybody');
  const one = await read(coach, { what: 'children', classId, paper: 'letter', studentId: student.studentId });
  expect(one.pages).toHaveLength(1);
  expect(one.size).toBe('612 x 792');
});

test('house words are spoken in a report', async () => {
  const { lead, coach, classId, student } = await makeTaught();
  const words = [{ term: 'king', one: 'emperor', many: 'emperors' }] as const;
  valueOf(await saveHouseWords(lead, { classId: null, words: [...words], readingLevel: 'full' }));
  await practise(coach, classId, student, 'special-moves');
  const { studentId } = student;
  const text = whole(await read(coach, { what: 'children', classId, paper: 'a4', studentId }));
  expect(text).toContain('May the emperor castle?');
  expect(text).not.toMatch(/the king/);
});

test('a certificate is only for who has mastered the stage, one page each', async () => {
  const { coach, classId } = await makeTaught();
  const page = valueOf(await getReportsPage(coach, classId));
  expect(page.stages).toEqual([{ stage: 'board', names: ['Otter'] }]);
  const made = await read(coach, { what: 'certificates', classId, paper: 'a4', stage: 'board' });
  expect(made.pages).toHaveLength(1);
  expect(whole(made)).toMatch(/Otter has mastered: The board/);
  // What it is shown by are families of the stage that were got right, not all there are.
  const families: string[] = await getDb()('attempts')
    .join('tasks', 'tasks.id', 'attempts.task_id')
    .whereNot('tasks.family', 'mate')
    .distinct()
    .pluck('tasks.family');
  for (const family of EXERCISE_IDS.filter((id) => findStage(id) === 'board'))
    expect([family, whole(made).includes(familyName(family, PLAIN_TERMS))]).toEqual([
      family,
      families.includes(family),
    ]);
  expect(await printReport(coach, { what: 'certificates', classId, paper: 'a4', stage: 'values' })).toEqual({
    ok: false,
    error: { code: 'report/nobody' },
  });
});

test('the report of a class names every child, in the order of their names', async () => {
  const { coach, classId } = await makeTaught();
  const text = whole(await read(coach, { what: 'class', classId, paper: 'a4' }));
  expect(text).toMatch(/Aspen: 0 lessons here, 0 away; 0 tasks begun.*Otter: 0 lessons here/);
  expect(text).toContain('1 of 2 have begun, 1 have solved all 2');
});

test('the record on paper holds as many answers as are stored, however many pages they take', async () => {
  const { coach, classId, student } = await makeTaught();
  const { studentId } = student;
  await multiplyAnswers(studentId);
  const stored = await getDb()('attempts').where({ student_id: studentId }).pluck('id');
  const made = await read(coach, { what: 'record', classId, paper: 'a4', studentId });
  expect(stored.length).toBeGreaterThan(100);
  expect(made.pages.length).toBeGreaterThan(2);
  expect(whole(made).match(/try \d+:/g)).toHaveLength(stored.length);
});

/** The same answers in other rounds, to fill pages. */
async function multiplyAnswers(studentId: StudentId): Promise<void> {
  for (let times = 0; times < 4; times += 1)
    await getDb().raw(
      `INSERT INTO attempts (client_id, student_id, class_id, task_id, round_id, try_number, answer, hints, spent_ms, answered_at, received_at)
       SELECT UUID(), student_id, class_id, task_id, round_id, try_number + ?, answer, hints, spent_ms, answered_at, received_at
       FROM attempts WHERE student_id = ?`,
      [100 * 2 ** times, studentId],
    );
  await getDb().raw(
    `INSERT INTO verdicts (attempt_id, judge_version, outcome, diagnoses)
     SELECT id, 1, 'right', '{"codes":[],"wrongPly":null}' FROM attempts WHERE id NOT IN (SELECT attempt_id FROM verdicts)`,
  );
}

const writeTo = (classId: ClassId, studentId?: StudentId) => ({
  requestId: makeUuid(),
  classId,
  studentId,
  to: 'family@example.org',
});

test('an email in the outbox is one whole email to another reader, with the report in it; written twice it is there once', async () => {
  const { coach, classId, student } = await makeTaught();
  const input = writeTo(classId, student.studentId);
  const [one, other] = await Promise.all([writeEmail(coach, input), writeEmail(coach, input)]);
  expect(valueOf(one)).toBe(valueOf(other));
  expect(await listOutbox(coach)).toHaveLength(1);
  const file = valueOf(await exportEmail(coach, { emailId: valueOf(one) }));
  expect(file.name).toMatch(/\.eml$/);
  // Every line ends as RFC 5322 asks, and none is longer than it allows.
  const lines = Buffer.from(file.bytes).toString('latin1').split('\r\n');
  expect(lines.some((line) => /[\r\n]/.test(line))).toBe(false);
  expect(Math.max(...lines.map((line) => line.length))).toBeLessThanOrEqual(998);
  const email = await PostalMime.parse(file.bytes);
  expect(email.to).toEqual([expect.objectContaining({ address: 'family@example.org' })]);
  expect(email.subject).toBe('Report of Otter, Lantern class');
  expect(email.text?.trim()).toBe(valueOf(await getEmailPage(coach, valueOf(one))).text.trim());
  expect(email.attachments).toHaveLength(1);
  const [report] = email.attachments;
  expect(report?.mimeType).toBe('application/pdf');
  const pdf = readPdf(new Uint8Array(report?.content as ArrayBuffer));
  expect(pdf.pages).toHaveLength(1);
  expect(whole(pdf)).toContain('What Otter can do');
});

test('a coach sees the own emails, a lead all of the club; taken out, an email is gone for good', async () => {
  const { lead, coach, classId, otherId } = await makeTaught();
  valueOf(await writeEmail(coach, writeTo(classId)));
  const ofLead = valueOf(await writeEmail(lead, writeTo(classId, otherId)));
  expect((await listOutbox(coach)).map(({ subject }) => subject)).toEqual(['Report of Lantern class']);
  expect(await listOutbox(lead)).toHaveLength(2);
  expect(await getEmailPage(coach, ofLead)).toMatchObject({ error: { code: 'email/not-found' } });
  valueOf(await removeEmail(coach, { emailId: ofLead }));
  expect(await listOutbox(lead)).toHaveLength(2);
  valueOf(await removeEmail(lead, { emailId: ofLead }));
  expect(await listOutbox(lead)).toHaveLength(1);
  const stranger = { ...lead, clubId: (lead.clubId + 1) as typeof lead.clubId };
  expect(await listOutbox(stranger)).toEqual([]);
});
