/** The club's stored mates by filter, the easiest first. */
import type { ClassId, ClubId, TaskId } from '@/contracts/ids';
import type { LibraryFilters, PatternFilter } from '@/contracts/library';
import { mateTaskSchema, type MateTask } from '@/core/exercises';
import { isPatternId } from '@/core/patterns';
import { boundsOfLevel } from '@/core/puzzles';
import { countRows, listRows, listValues, type Db } from '../db';
import { tagOfKey, tagOfPattern } from './tasks';

/** A builder never leaves this file: every function below ends it. */
function selectFiltered(db: Db, clubId: ClubId, filters: LibraryFilters) {
  const query = db('puzzle_facts')
    .join('task_ratings', 'task_ratings.task_id', 'puzzle_facts.task_id')
    .where('puzzle_facts.club_id', clubId);
  const { moves, side, wing, men, level, patterns, key, classId } = filters;
  if (moves !== undefined) void query.where('puzzle_facts.mate_moves', moves);
  if (side !== undefined) void query.where('puzzle_facts.side', side);
  if (wing !== undefined) void query.where('puzzle_facts.wing', wing);
  if (men !== undefined) void query.where('puzzle_facts.men', '<=', men);
  if (level !== undefined) {
    const [from, below] = boundsOfLevel(level);
    if (from !== undefined) void query.where('task_ratings.rating', '>=', from);
    if (below !== undefined) void query.where('task_ratings.rating', '<', below);
  }
  if (patterns !== undefined && patterns.length > 0) {
    void query.whereExists(selectTags(db, patterns.map(tagOfFilter)));
  }
  if (key !== undefined) void query.whereExists(selectTags(db, [tagOfKey(key)]));
  if (classId !== undefined) {
    void query.whereNotExists(selectGiven(db, classId)).whereNotExists(selectAnswered(db, classId));
  }
  return query;
}

const tagOfFilter = (name: PatternFilter) => (isPatternId(name) ? tagOfPattern(name) : name);

const selectTags = (db: Db, tags: readonly string[]) =>
  db('task_tags')
    .whereRaw('task_tags.task_id = puzzle_facts.task_id')
    .whereIn('tag', [...tags])
    .select('tag');

const selectGiven = (db: Db, classId: ClassId) =>
  db('assignments')
    .join('set_items', 'set_items.set_version_id', 'assignments.set_version_id')
    .where('assignments.class_id', classId)
    .whereNull('assignments.student_id')
    .whereRaw('set_items.task_id = puzzle_facts.task_id')
    .select('assignments.id');

const selectAnswered = (db: Db, classId: ClassId) =>
  db('enrolments')
    .join('attempts', 'attempts.student_id', 'enrolments.student_id')
    .where('enrolments.class_id', classId)
    .whereNull('enrolments.ends_on')
    .whereRaw('attempts.task_id = puzzle_facts.task_id')
    .select('attempts.id');

export async function countLibrary(db: Db, clubId: ClubId, filters: LibraryFilters): Promise<number> {
  return countRows(selectFiltered(db, clubId, filters));
}

/** One page of them: `most`, `from` on. */
export async function listLibrary(
  db: Db,
  clubId: ClubId,
  filters: LibraryFilters,
  { from, most }: { readonly from: number; readonly most: number },
): Promise<TaskId[]> {
  const page = selectFiltered(db, clubId, filters)
    .orderBy(['task_ratings.rating', 'puzzle_facts.task_id'])
    .offset(from)
    .limit(most);
  return listValues(page, 'puzzle_facts.task_id');
}

/** What is needed to pick some of many. */
export interface LibraryCandidate {
  readonly taskId: TaskId;
  readonly number: number;
  readonly ideaKey: string;
}

/** The nearest to a number where one is given, else the easiest. */
export async function listCandidates(
  db: Db,
  clubId: ClubId,
  filters: LibraryFilters,
  { near, most }: { readonly near?: number; readonly most: number },
): Promise<LibraryCandidate[]> {
  const query = selectFiltered(db, clubId, filters).join(
    'task_ideas',
    'task_ideas.task_id',
    'puzzle_facts.task_id',
  );
  if (near === undefined) void query.orderBy(['task_ratings.rating', 'puzzle_facts.task_id']);
  // Only a bound number goes into the text.
  else void query.orderByRaw('ABS(task_ratings.rating - ?), puzzle_facts.task_id', [near]);
  return listRows(query.limit(most), {
    taskId: 'puzzle_facts.task_id',
    number: 'task_ratings.rating',
    ideaKey: 'task_ideas.idea_key',
  });
}

/** The mates among these tasks of the club, in the order asked for. */
export async function listMateTasks(
  db: Db,
  clubId: ClubId,
  taskIds: readonly TaskId[],
): Promise<{ readonly taskId: TaskId; readonly task: MateTask }[]> {
  const rows = await db('tasks')
    .where({ club_id: clubId, family: 'mate' })
    .whereIn('id', [...taskIds])
    .select('id', 'payload');
  const found = new Map(rows.map((row) => [row.id, row.payload] as const));
  return taskIds.flatMap((taskId) =>
    found.has(taskId) ? [{ taskId, task: mateTaskSchema.parse(found.get(taskId)) }] : [],
  );
}
