/** A child's stored answers, the newest first: those behind a figure. */
import type { ClassId, StudentId } from '@/contracts/ids';
import type { Db } from '../db';
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
    .where({ 'attempts.student_id': studentId, 'verdicts.judge_version': JUDGE_VERSION });
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
  const rows: {
    id: number;
    family: string;
    payload: unknown;
    answer: unknown;
    outcome: string;
    try_number: number;
    hints: number;
    answered_at: Date;
    name: string;
  }[] = await query
    .orderBy('attempts.id', 'desc')
    .limit(most)
    .select(
      'attempts.id',
      'tasks.family',
      'tasks.payload',
      'attempts.answer',
      'verdicts.outcome',
      'attempts.try_number',
      'attempts.hints',
      'attempts.answered_at',
      'classes.name',
    );
  return rows.map((row) => ({
    attemptId: row.id,
    family: row.family,
    payload: row.payload,
    answer: row.answer,
    outcome: row.outcome,
    tryNumber: row.try_number,
    hints: row.hints,
    answeredAt: row.answered_at,
    className: row.name,
  }));
}

/** The longest mate a child found at the first try and without help, of these the newest. */
export async function findSolvedMate(
  db: Db,
  studentId: StudentId,
): Promise<{ readonly payload: unknown; readonly answeredAt: Date } | undefined> {
  const row: { payload: unknown; answered_at: Date } | undefined = await db('attempts')
    .join('verdicts', 'verdicts.attempt_id', 'attempts.id')
    .join('tasks', 'tasks.id', 'attempts.task_id')
    .join('task_solutions', 'task_solutions.task_id', 'tasks.id')
    .where({ 'attempts.student_id': studentId, 'verdicts.judge_version': JUDGE_VERSION })
    .where({ 'attempts.try_number': 1, 'attempts.hints': 0, 'verdicts.outcome': 'right' })
    .orderBy([
      { column: 'task_solutions.mate_moves', order: 'desc' },
      { column: 'attempts.id', order: 'desc' },
    ])
    .first('tasks.payload', 'attempts.answered_at');
  return row && { payload: row.payload, answeredAt: row.answered_at };
}
