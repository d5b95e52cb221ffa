/** A child's stored answers, the newest first: those behind a figure. */
import type { ClassId, StudentId } from '@/contracts/ids';
import { findRow, listRows, type Db } from '../db';
import { JUDGE_VERSION } from './attempts';

/** A stored answer with its task, neither parsed yet. */
export interface ChildAnswer {
  readonly attemptId: number;
  readonly family: string;
  readonly payload: unknown;
  readonly answer: unknown;
  readonly outcome: string;
  readonly tryNumber: number;
  readonly hints: number;
  readonly answeredAt: Date;
  readonly className: string;
}

/** Which of a child's answers: all, by ids, of a class, from one moment to before another, with a mistake. */
export type AnswerChoice =
  | { readonly kind: 'all' }
  | { readonly kind: 'ids'; readonly ids: readonly number[] }
  | { readonly kind: 'class'; readonly classId: ClassId }
  /** `isRated`: only those that rate. */
  | { readonly kind: 'span'; readonly from: Date; readonly to: Date; readonly isRated: boolean }
  | { readonly kind: 'mistake'; readonly code: string };

export async function listChildAnswers(
  db: Db,
  studentId: StudentId,
  choice: AnswerChoice,
  most: number,
): Promise<ChildAnswer[]> {
  const query = db('attempts')
    .join('verdicts', 'verdicts.attempt_id', 'attempts.id')
    .join('tasks', 'tasks.id', 'attempts.task_id')
    .join('classes', 'classes.id', 'attempts.class_id')
    .where('attempts.student_id', studentId)
    .where('verdicts.judge_version', JUDGE_VERSION);
  switch (choice.kind) {
    case 'all':
      break;
    case 'ids':
      void query.whereIn('attempts.id', [...choice.ids]);
      break;
    case 'class':
      void query.where('attempts.class_id', choice.classId).where('attempts.try_number', 1);
      break;
    case 'span':
      void query
        .where('attempts.answered_at', '>=', choice.from)
        .where('attempts.answered_at', '<', choice.to);
      if (choice.isRated) void query.join('rating_steps', 'rating_steps.attempt_id', 'attempts.id');
      break;
    case 'mistake':
      void query
        .whereNot('verdicts.outcome', 'right')
        .whereRaw("JSON_CONTAINS(verdicts.diagnoses, JSON_QUOTE(?), '$.codes')", [choice.code]);
  }
  return listRows(query.orderBy('attempts.id', 'desc').limit(most), {
    attemptId: 'attempts.id',
    family: 'tasks.family',
    payload: 'tasks.payload',
    answer: 'attempts.answer',
    outcome: 'verdicts.outcome',
    tryNumber: 'attempts.try_number',
    hints: 'attempts.hints',
    answeredAt: 'attempts.answered_at',
    className: 'classes.name',
  });
}

/** The longest mate a child found at the first try and without help, of these the newest. */
export async function findSolvedMate(
  db: Db,
  studentId: StudentId,
): Promise<{ readonly payload: unknown; readonly answeredAt: Date } | undefined> {
  const longest = db('attempts')
    .join('verdicts', 'verdicts.attempt_id', 'attempts.id')
    .join('tasks', 'tasks.id', 'attempts.task_id')
    .join('task_solutions', 'task_solutions.task_id', 'tasks.id')
    .where('attempts.student_id', studentId)
    .where('verdicts.judge_version', JUDGE_VERSION)
    .where('attempts.try_number', 1)
    .where('attempts.hints', 0)
    .where('verdicts.outcome', 'right')
    .orderBy([
      { column: 'task_solutions.mate_moves', order: 'desc' },
      { column: 'attempts.id', order: 'desc' },
    ]);
  return findRow(longest, { payload: 'tasks.payload', answeredAt: 'attempts.answered_at' });
}
