/** What a class or its children have had before. Keys are indexed by club, so that a library of any size answers at once. */
import type { ClassId, ClubId, TaskId } from '@/contracts/ids';
import type { Db } from '../db';

export interface PuzzleKeys {
  readonly twinKey: string;
  readonly ideaKey: string;
}

/** The keys of these tasks that have them: mates. */
export async function listPuzzleKeys(
  db: Db,
  taskIds: readonly TaskId[],
): Promise<ReadonlyMap<TaskId, PuzzleKeys>> {
  const rows: { readonly id: number; readonly twin_key: string; readonly idea_key: string }[] = await db(
    'tasks',
  )
    .join('task_ideas', 'task_ideas.task_id', 'tasks.id')
    .whereIn('tasks.id', [...taskIds])
    .select('tasks.id', 'tasks.twin_key', 'task_ideas.idea_key');
  return new Map(
    rows.map((row) => [row.id as TaskId, { twinKey: row.twin_key, ideaKey: row.idea_key }] as const),
  );
}

/** A stored task that is like one of those asked about. */
export interface RelatedTask {
  readonly taskId: TaskId;
  readonly twinKey: string;
  readonly ideaKey: string;
}

/** The club's puzzles with one of these keys. */
export async function listRelatedTasks(
  db: Db,
  clubId: ClubId,
  keys: readonly PuzzleKeys[],
): Promise<RelatedTask[]> {
  if (keys.length === 0) return [];
  const twins = db('tasks')
    .where({ club_id: clubId, family: 'mate' })
    .whereIn('twin_key', [...new Set(keys.map(({ twinKey }) => twinKey))])
    .select('id');
  const ideas = db('task_ideas')
    .where('club_id', clubId)
    .whereIn('idea_key', [...new Set(keys.map(({ ideaKey }) => ideaKey))])
    .select('task_id as id');
  const rows: { readonly id: number; readonly twin_key: string; readonly idea_key: string }[] = await db
    .from(twins.union(ideas).as('related'))
    .join('tasks', 'tasks.id', 'related.id')
    .join('task_ideas', 'task_ideas.task_id', 'tasks.id')
    .select('tasks.id', 'tasks.twin_key', 'task_ideas.idea_key');
  return rows.map((row) => ({
    taskId: row.id as TaskId,
    twinKey: row.twin_key,
    ideaKey: row.idea_key,
  }));
}

/** Those of the tasks that lie in a set version given to the class. */
export async function listGivenTasks(
  db: Db,
  classId: ClassId,
  taskIds: readonly TaskId[],
): Promise<Set<TaskId>> {
  const ids: number[] = await db('assignments')
    .join('set_items', 'set_items.set_version_id', 'assignments.set_version_id')
    .where('assignments.class_id', classId)
    .whereNull('assignments.student_id')
    .whereIn('set_items.task_id', [...taskIds])
    .distinct()
    .pluck('set_items.task_id');
  return new Set(ids as TaskId[]);
}

/** Which children now in the class have answered which of the tasks, wherever that was, by nickname. */
export async function listAnsweredTasks(
  db: Db,
  classId: ClassId,
  taskIds: readonly TaskId[],
): Promise<{ readonly taskId: TaskId; readonly name: string }[]> {
  const rows: { readonly task_id: number; readonly display_name: string }[] = await db('enrolments')
    .join('people', 'people.id', 'enrolments.student_id')
    .join('attempts', 'attempts.student_id', 'people.id')
    .where('enrolments.class_id', classId)
    .whereNull('enrolments.ends_on')
    .whereNull('people.erased_at')
    .whereIn('attempts.task_id', [...taskIds])
    .orderBy('people.display_name')
    .distinct('attempts.task_id', 'people.display_name');
  return rows.map((row) => ({ taskId: row.task_id as TaskId, name: row.display_name }));
}
