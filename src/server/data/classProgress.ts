/** What the answers and lessons of a class come to, child by child; counted by the database. */
import type { AssignmentId, ClassId, StudentId } from '@/contracts/ids';
import { columnsOf, computed, listRows, type Db } from '../db';
import { JUDGE_VERSION } from './attempts';

export interface AnswerCount {
  readonly studentId: StudentId;
  /** First answers to a task in a round, and those that were right without help. */
  readonly answers: number;
  readonly right: number;
}

/** First answers given in this class. */
export async function countFirstAnswers(db: Db, classId: ClassId): Promise<AnswerCount[]> {
  const byChild = firstAnswers(db).where('attempts.class_id', classId).groupBy('attempts.student_id');
  return listRows(byChild, { studentId: 'attempts.student_id', ...countColumns(db) });
}

/** First answers within each of these assignments. */
export async function countFirstAnswersOf(
  db: Db,
  assignmentIds: readonly AssignmentId[],
): Promise<(AnswerCount & { readonly assignmentId: AssignmentId })[]> {
  const byChild = firstAnswers(db)
    .join('rounds', 'rounds.id', 'attempts.round_id')
    .join('assignments', 'assignments.id', 'rounds.assignment_id')
    .whereIn('assignments.id', [...assignmentIds])
    .groupBy('assignments.id', 'attempts.student_id');
  return listRows(byChild, {
    assignmentId: 'assignments.id',
    studentId: 'attempts.student_id',
    ...countColumns(db),
  });
}

function firstAnswers(db: Db) {
  return db('attempts')
    .join('verdicts', 'verdicts.attempt_id', 'attempts.id')
    .where('attempts.try_number', 1)
    .where('verdicts.judge_version', JUDGE_VERSION);
}

function countColumns(db: Db) {
  return columnsOf({
    answers: computed(db.raw('COUNT(attempts.id)'), Number),
    right: computed(db.raw("SUM(verdicts.outcome = 'right' AND attempts.hints = 0)"), Number),
  });
}

/** Lessons of the class a child was noted in as here, and as away. */
export async function countAttendance(
  db: Db,
  classId: ClassId,
): Promise<{ readonly studentId: StudentId; readonly here: number; readonly away: number }[]> {
  const byChild = db('attendances')
    .join('lessons', 'lessons.id', 'attendances.lesson_id')
    .where('lessons.class_id', classId)
    .groupBy('attendances.student_id');
  return listRows(byChild, {
    studentId: 'attendances.student_id',
    here: computed(db.raw('SUM(attendances.was_here)'), Number),
    away: computed(db.raw('SUM(NOT attendances.was_here)'), Number),
  });
}
