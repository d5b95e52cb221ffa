/** What answers have said about puzzles and children. A row is locked while an answer changes it. */
import type { AttemptId, ClassId, StudentId, TaskId } from '@/contracts/ids';
import type { Rating } from '@/core/progress';
import type { Db, Statement } from '../db';

export interface RatingRow {
  readonly rating: number;
  readonly deviation: number;
  readonly volatility: number;
  readonly answers: number;
}

const COLUMNS = ['rating', 'deviation', 'volatility', 'answers'];

export const toRating = ({ rating, ...rest }: RatingRow): Rating => ({ value: rating, ...rest });
const toRow = ({ value, deviation, volatility, answers }: Rating): RatingRow => ({
  rating: value,
  deviation,
  volatility,
  answers,
});

/** Waits for other answers to the same puzzle and finds its `RatingRow`; none for a task that is not rated. */
export function lockTaskRating(db: Db, taskId: TaskId): Statement {
  return db('task_ratings').where({ task_id: taskId }).forUpdate().first(COLUMNS);
}

/** How strong a child is, when it has answered a mate. */
export async function findStudentRating(db: Db, studentId: StudentId): Promise<Rating | undefined> {
  const row = (await selectStudentRating(db, studentId)) as RatingRow | undefined;
  return row && toRating(row);
}

export function selectStudentRating(db: Db, studentId: StudentId): Statement {
  return db('student_ratings').where({ student_id: studentId }).first(COLUMNS);
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
  const rows: { answered_at: Date; rating: number; deviation: number }[] = await db('rating_steps')
    .join('attempts', 'attempts.id', 'rating_steps.attempt_id')
    .where('rating_steps.student_id', studentId)
    .orderBy('rating_steps.id')
    .select('attempts.answered_at', 'rating_steps.rating', 'rating_steps.deviation');
  return rows.map((row) => ({ answeredAt: row.answered_at, value: row.rating, deviation: row.deviation }));
}

/** All there is of ratings, locked until the transaction ends: no answer is rated meanwhile. */
export interface AllRatings {
  readonly puzzles: ReadonlyMap<TaskId, Rating>;
  readonly children: ReadonlyMap<StudentId, Rating>;
  readonly steps: readonly RatingStep[];
}

export async function lockRatings(db: Db): Promise<AllRatings> {
  const puzzles: (RatingRow & { task_id: number })[] = await db('task_ratings')
    .orderBy('task_id')
    .forUpdate()
    .select('task_id', ...COLUMNS);
  const children: (RatingRow & { student_id: number })[] = await db('student_ratings').select(
    'student_id',
    ...COLUMNS,
  );
  const steps: { attempt_id: number; student_id: number; rating: number; deviation: number }[] = await db(
    'rating_steps',
  )
    .orderBy('id')
    .select('attempt_id', 'student_id', 'rating', 'deviation');
  return {
    puzzles: new Map(puzzles.map(({ task_id: id, ...row }) => [id as TaskId, toRating(row)] as const)),
    children: new Map(
      children.map(({ student_id: id, ...row }) => [id as StudentId, toRating(row)] as const),
    ),
    steps: steps.map((row) => ({
      attemptId: row.attempt_id as AttemptId,
      studentId: row.student_id as StudentId,
      rating: { value: row.rating, deviation: row.deviation },
    })),
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
  const rows: (RatingRow & { readonly task_id: number })[] = await db('task_ratings')
    .whereIn('task_id', [...taskIds])
    .select('task_id', ...COLUMNS);
  return new Map(rows.map(({ task_id: taskId, ...row }) => [taskId as TaskId, toRating(row)] as const));
}

/** One rating for each child now in the class; undefined where it has answered no puzzle yet. */
export async function listClassRatings(db: Db, classId: ClassId): Promise<(Rating | undefined)[]> {
  const rows: (RatingRow | { readonly rating: null })[] = await db('enrolments')
    .join('people', 'people.id', 'enrolments.student_id')
    .leftJoin('student_ratings', 'student_ratings.student_id', 'people.id')
    .where('enrolments.class_id', classId)
    .whereNull('enrolments.ends_on')
    .whereNull('people.erased_at')
    .select(COLUMNS.map((column) => `student_ratings.${column}`));
  return rows.map((row) => (row.rating === null ? undefined : toRating(row)));
}
