/** What answers have said about puzzles and children. A row is locked while an answer changes it. */
import type { ClassId, StudentId, TaskId } from '@/contracts/ids';
import type { Rating } from '@/core/progress';
import type { Db } from '../db';

interface RatingRow {
  readonly rating: number;
  readonly deviation: number;
  readonly volatility: number;
  readonly answers: number;
}

const COLUMNS = ['rating', 'deviation', 'volatility', 'answers'];

const toRating = ({ rating, ...rest }: RatingRow): Rating => ({ value: rating, ...rest });
const toRow = ({ value, deviation, volatility, answers }: Rating): RatingRow => ({
  rating: value,
  deviation,
  volatility,
  answers,
});

/** Waits for other answers to the same puzzle; undefined for a task that is not rated. */
export async function lockTaskRating(db: Db, taskId: TaskId): Promise<Rating | undefined> {
  const row: RatingRow | undefined = await db('task_ratings')
    .where({ task_id: taskId })
    .forUpdate()
    .first(COLUMNS);
  return row && toRating(row);
}

/** How strong a child is, when it has answered a mate. */
export async function findStudentRating(db: Db, studentId: StudentId): Promise<Rating | undefined> {
  const row: RatingRow | undefined = await db('student_ratings')
    .where({ student_id: studentId })
    .first(COLUMNS);
  return row && toRating(row);
}

export async function storeRatings(
  db: Db,
  puzzle: { readonly taskId: TaskId; readonly rating: Rating },
  child: { readonly studentId: StudentId; readonly rating: Rating },
): Promise<void> {
  await db('task_ratings').where({ task_id: puzzle.taskId }).update(toRow(puzzle.rating));
  await db('student_ratings')
    .insert({ student_id: child.studentId, ...toRow(child.rating) })
    .onConflict()
    .merge();
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
