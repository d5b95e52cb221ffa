/** Cursors of pages that stay open: each is made in one statement, and is another one as soon as the page would show something new. */
import type { AssignmentId, ClassId, StudentId } from '@/contracts/ids';
import type { Db } from '../db';

/** Parts of a cursor, in a row; what is not there is told as well. */
async function readCursor(db: Db, parts: readonly string[], values: Readonly<Record<string, number>>) {
  const text = parts.map((part) => `COALESCE((${part}), 0)`).join(', ');
  const [rows] = (await db.raw(`SELECT CONCAT_WS('.', ${text}) AS \`cursor\``, values)) as [
    [{ readonly cursor: string }],
  ];
  return rows[0].cursor;
}

/** The count as well: of two rows that are stored at once the one with the smaller id may be seen last. */
const NEWEST = "CONCAT(MAX(id), '-', COUNT(*))";

const OPEN_CLASS = 'enrolments.class_id = :classId AND enrolments.ends_on IS NULL';

/** Of a class: its answers, what could not be stored or sent, what was given, who is in it. */
export function readClassCursor(db: Db, classId: ClassId): Promise<string> {
  return readCursor(
    db,
    [
      `SELECT ${NEWEST} FROM attempts WHERE class_id = :classId`,
      'SELECT MAX(id) FROM assignments WHERE class_id = :classId',
      `SELECT ${NEWEST} FROM enrolments WHERE ${OPEN_CLASS}`,
      `SELECT MAX(refused_answers.id) FROM refused_answers
         JOIN enrolments ON enrolments.student_id = refused_answers.student_id WHERE ${OPEN_CLASS}`,
      `SELECT CONCAT(COUNT(*), '-', SUM(answers), '-', UNIX_TIMESTAMP(MAX(told_at))) FROM unsent_answers
         JOIN enrolments ON enrolments.student_id = unsent_answers.student_id WHERE ${OPEN_CLASS}`,
    ],
    { classId },
  );
}

/** Of what was given: its answers, the solutions that were shown, whose class it is, and what they climbed of it elsewhere. */
export function readAnswersCursor(db: Db, assignmentId: AssignmentId): Promise<string> {
  const ofClass = 'class_id = (SELECT class_id FROM assignments WHERE id = :assignmentId)';
  return readCursor(
    db,
    [
      `SELECT ${NEWEST} FROM enrolments WHERE ${ofClass} AND ends_on IS NULL`,
      `SELECT ${NEWEST} FROM attempts WHERE ${ofClass}`,
      `SELECT CONCAT(MAX(attempts.id), '-', COUNT(*)) FROM rounds JOIN attempts ON attempts.round_id = rounds.id
         WHERE rounds.assignment_id = :assignmentId`,
      `SELECT MAX(shown_solutions.id) FROM rounds JOIN shown_solutions ON shown_solutions.round_id = rounds.id
         WHERE rounds.assignment_id = :assignmentId`,
    ],
    { assignmentId },
  );
}

/** Of a child's place: what lies on it, what was done of it on any device, and the lesson that runs. */
export function readSeatCursor(db: Db, studentId: StudentId): Promise<string> {
  const own =
    'SELECT class_id FROM enrolments WHERE enrolments.student_id = :studentId AND enrolments.ends_on IS NULL';
  return readCursor(
    db,
    [
      `SELECT ${NEWEST} FROM attempts WHERE student_id = :studentId`,
      `SELECT MAX(id) FROM assignments
         WHERE class_id IN (${own}) AND (student_id IS NULL OR student_id = :studentId)`,
      `SELECT MAX(id) FROM live_lessons WHERE open_class_id IN (${own})`,
      `SELECT ${NEWEST} FROM enrolments WHERE student_id = :studentId AND ends_on IS NULL`,
    ],
    { studentId },
  );
}
