/** What answers have said about puzzles and children. A row is locked while an answer changes it. */
import type { AttemptId, ClassId, StudentId, TaskId } from '@/contracts/ids';
import type { Rating } from '@/core/progress';
import { columnsOf, findRow, listRows, optional, selectColumns, type Db, type Statement } from '../db';

export const TASK_RATING_COLUMNS = columnsOf({
  value: 'task_ratings.rating',
  deviation: 'task_ratings.deviation',
  volatility: 'task_ratings.volatility',
  answers: 'task_ratings.answers',
});

export const STUDENT_RATING_COLUMNS = columnsOf({
  value: 'student_ratings.rating',
  deviation: 'student_ratings.deviation',
  volatility: 'student_ratings.volatility',
  answers: 'student_ratings.answers',
});

const toRow = ({ value, deviation, volatility, answers }: Rating) => ({
  rating: value,
  deviation,
  volatility,
  answers,
});

/** Waits for other answers to the same puzzle and finds `TASK_RATING_COLUMNS`; none for a task that is not rated. */
export function lockTaskRating(db: Db, taskId: TaskId): Statement {
  return selectColumns(db('task_ratings').where({ task_id: taskId }).forUpdate(), TASK_RATING_COLUMNS);
}

/** How strong a child is, when it has answered a mate. */
export async function findStudentRating(db: Db, studentId: StudentId): Promise<Rating | undefined> {
  return findRow(db('student_ratings').where({ student_id: studentId }), STUDENT_RATING_COLUMNS);
}

/** Finds `STUDENT_RATING_COLUMNS`. */
export function selectStudentRating(db: Db, studentId: StudentId): Statement {
  return selectColumns(db('student_ratings').where({ student_id: studentId }), STUDENT_RATING_COLUMNS);
}

/** Both after an answer, which stays known as a step of the child's. */
export function writeRatings(
  db: Db,
  puzzle: { readonly taskId: TaskId; readonly rating: Rating },
  child: { readonly studentId: StudentId; readonly rating: Rating },
  attemptId: AttemptId,
): Statement[] {
  const { studentId, rating } = child;
  return [
    db('task_ratings').where({ task_id: puzzle.taskId }).update(toRow(puzzle.rating)),
    db('student_ratings')
      .insert({ student_id: studentId, ...toRow(rating) })
      .onConflict()
      .merge(),
    db('rating_steps').insert(toStepRow({ attemptId, studentId, rating })),
  ];
}

/** A child's rating after an answer. */
export interface RatingStep {
  readonly attemptId: AttemptId;
  readonly studentId: StudentId;
  readonly rating: Pick<Rating, 'value' | 'deviation'>;
}

const toStepRow = ({ attemptId, studentId, rating: { value, deviation } }: RatingStep) => ({
  attempt_id: attemptId,
  student_id: studentId,
  rating: value,
  deviation,
});

/** How a child's rating moved, the oldest first, with when the answers were given. */
export async function listRatingSteps(
  db: Db,
  studentId: StudentId,
): Promise<{ readonly answeredAt: Date; readonly value: number; readonly deviation: number }[]> {
  const steps = db('rating_steps')
    .join('attempts', 'attempts.id', 'rating_steps.attempt_id')
    .where('rating_steps.student_id', studentId)
    .orderBy('rating_steps.id');
  return listRows(steps, {
    answeredAt: 'attempts.answered_at',
    value: 'rating_steps.rating',
    deviation: 'rating_steps.deviation',
  });
}

/** All there is of ratings, locked until the transaction ends: no answer is rated meanwhile. */
export interface AllRatings {
  readonly puzzles: ReadonlyMap<TaskId, Rating>;
  readonly children: ReadonlyMap<StudentId, Rating>;
  readonly steps: readonly RatingStep[];
}

export async function lockRatings(db: Db): Promise<AllRatings> {
  const puzzles = await listRows(db('task_ratings').orderBy('task_id').forUpdate(), {
    taskId: 'task_ratings.task_id',
    ...TASK_RATING_COLUMNS,
  });
  const children = await listRows(db('student_ratings'), {
    studentId: 'student_ratings.student_id',
    ...STUDENT_RATING_COLUMNS,
  });
  const steps = await listRows(db('rating_steps').orderBy('id'), {
    attemptId: 'rating_steps.attempt_id',
    studentId: 'rating_steps.student_id',
    value: 'rating_steps.rating',
    deviation: 'rating_steps.deviation',
  });
  return {
    puzzles: new Map(puzzles.map(({ taskId, ...rating }) => [taskId, rating] as const)),
    children: new Map(children.map(({ studentId, ...rating }) => [studentId, rating] as const)),
    steps: steps.map(({ attemptId, studentId, ...rating }) => ({ attemptId, studentId, rating })),
  };
}

const STEPS_AT_ONCE = 500;

/** Puts these in the place of all that was stored. */
export async function replaceRatings(db: Db, { puzzles, children, steps }: AllRatings): Promise<void> {
  for (const [taskId, rating] of puzzles)
    await db('task_ratings').where({ task_id: taskId }).update(toRow(rating));
  await db('rating_steps').delete();
  await db('student_ratings').delete();
  await db.batchInsert(
    'student_ratings',
    [...children].map(([studentId, rating]) => ({ student_id: studentId, ...toRow(rating) })),
    STEPS_AT_ONCE,
  );
  await db.batchInsert('rating_steps', steps.map(toStepRow), STEPS_AT_ONCE);
}

/** The ratings of those of these tasks that have one: mates. */
export async function listTaskRatings(
  db: Db,
  taskIds: readonly TaskId[],
): Promise<ReadonlyMap<TaskId, Rating>> {
  const rows = await listRows(db('task_ratings').whereIn('task_id', [...taskIds]), {
    taskId: 'task_ratings.task_id',
    ...TASK_RATING_COLUMNS,
  });
  return new Map(rows.map(({ taskId, ...rating }) => [taskId, rating] as const));
}

/** One rating for each child now in the class; undefined where it has answered no puzzle yet. */
export async function listClassRatings(db: Db, classId: ClassId): Promise<(Rating | undefined)[]> {
  const children = db('enrolments')
    .join('people', 'people.id', 'enrolments.student_id')
    .leftJoin('student_ratings', 'student_ratings.student_id', 'people.id')
    .where('enrolments.class_id', classId)
    .whereNull('enrolments.ends_on')
    .whereNull('people.erased_at');
  const rows = await listRows(children, {
    rated: optional('student_ratings.student_id'),
    ...STUDENT_RATING_COLUMNS,
  });
  return rows.map(({ rated, ...rating }) => (rated === null ? undefined : rating));
}
