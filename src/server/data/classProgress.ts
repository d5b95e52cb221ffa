/** What the answers and lessons of a class come to, child by child; counted by the database. */
import type { AssignmentId, ClassId, StudentId } from '@/contracts/ids';
import type { Db } from '../db';
import { JUDGE_VERSION } from './attempts';

export interface AnswerCount {
  readonly studentId: StudentId;
  /** First answers to a task in a round, and those that were right without help. */
  readonly answers: number;
  readonly right: number;
}

/** First answers given in this class. */
export async function countFirstAnswers(db: Db, classId: ClassId): Promise<AnswerCount[]> {
  const rows: { student_id: number; answers: number; right: string | number }[] = await selectFirst(db)
    .where('attempts.class_id', classId)
    .groupBy('attempts.student_id')
    .select('attempts.student_id');
  return rows.map((row) => ({
    studentId: row.student_id as StudentId,
    answers: row.answers,
    right: Number(row.right),
  }));
}

/** First answers within each of these assignments. */
export async function countFirstAnswersOf(
  db: Db,
  assignmentIds: readonly AssignmentId[],
): Promise<(AnswerCount & { readonly assignmentId: AssignmentId })[]> {
  const rows: { assignment_id: number; student_id: number; answers: number; right: string | number }[] =
    await selectFirst(db)
      .join('rounds', 'rounds.id', 'attempts.round_id')
      .whereIn('rounds.assignment_id', [...assignmentIds])
      .groupBy('rounds.assignment_id', 'attempts.student_id')
      .select('rounds.assignment_id', 'attempts.student_id');
  return rows.map((row) => ({
    assignmentId: row.assignment_id as AssignmentId,
    studentId: row.student_id as StudentId,
    answers: row.answers,
    right: Number(row.right),
  }));
}

function selectFirst(db: Db) {
  return db('attempts')
    .join('verdicts', 'verdicts.attempt_id', 'attempts.id')
    .where('attempts.try_number', 1)
    .where('verdicts.judge_version', JUDGE_VERSION)
    .count({ answers: 'attempts.id' })
    .sum({ right: db.raw("verdicts.outcome = 'right' AND attempts.hints = 0") });
}

/** Lessons of the class a child was noted in as here, and as away. */
export async function countAttendance(
  db: Db,
  classId: ClassId,
): Promise<{ readonly studentId: StudentId; readonly here: number; readonly away: number }[]> {
  const rows: { student_id: number; here: string | number; noted: number }[] = await db('attendances')
    .join('lessons', 'lessons.id', 'attendances.lesson_id')
    .where('lessons.class_id', classId)
    .groupBy('attendances.student_id')
    .select('attendances.student_id')
    .sum({ here: 'attendances.was_here' })
    .count({ noted: 'attendances.lesson_id' });
  return rows.map((row) => ({
    studentId: row.student_id as StudentId,
    here: Number(row.here),
    away: row.noted - Number(row.here),
  }));
}
