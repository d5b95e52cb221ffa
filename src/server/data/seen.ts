/** What a class or its children have had before. Keys are indexed by club, so that a library of any size answers at once. */
import type { ClassId, ClubId, TaskId } from '@/contracts/ids';
import { columnsOf, listRows, listValues, type Db } from '../db';

export interface PuzzleKeys {
  readonly twinKey: string;
  readonly ideaKey: string;
}

const KEY_COLUMNS = columnsOf({
  taskId: 'tasks.id',
  twinKey: 'tasks.twin_key',
  ideaKey: 'task_ideas.idea_key',
});

/** The keys of these tasks that have them: mates. */
export async function listPuzzleKeys(
  db: Db,
  taskIds: readonly TaskId[],
): Promise<ReadonlyMap<TaskId, PuzzleKeys>> {
  const mates = db('tasks')
    .join('task_ideas', 'task_ideas.task_id', 'tasks.id')
    .whereIn('tasks.id', [...taskIds]);
  const rows = await listRows(mates, KEY_COLUMNS);
  return new Map(rows.map(({ taskId, ...keys }) => [taskId, keys] as const));
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
  const related = db
    // Both find ids of tasks, which the types of the two tables do not show.
    .from(twins.union(ideas as never).as('related'))
    .join('tasks', 'tasks.id', 'related.id')
    .join('task_ideas', 'task_ideas.task_id', 'tasks.id');
  return listRows(related, KEY_COLUMNS);
}

/** Those of the tasks that lie in a set version given to the class. */
export async function listGivenTasks(
  db: Db,
  classId: ClassId,
  taskIds: readonly TaskId[],
): Promise<Set<TaskId>> {
  const given = db('assignments')
    .join('set_items', 'set_items.set_version_id', 'assignments.set_version_id')
    .where('assignments.class_id', classId)
    .whereNull('assignments.student_id')
    .whereIn('set_items.task_id', [...taskIds])
    .distinct();
  return new Set(await listValues(given, 'set_items.task_id'));
}

/** Which children now in the class have answered which of the tasks, wherever that was, by nickname. */
export async function listAnsweredTasks(
  db: Db,
  classId: ClassId,
  taskIds: readonly TaskId[],
): Promise<{ readonly taskId: TaskId; readonly name: string }[]> {
  const answered = db('enrolments')
    .join('people', 'people.id', 'enrolments.student_id')
    .join('attempts', 'attempts.student_id', 'people.id')
    .where('enrolments.class_id', classId)
    .whereNull('enrolments.ends_on')
    .whereNull('people.erased_at')
    .whereIn('attempts.task_id', [...taskIds])
    .orderBy('people.display_name')
    .distinct();
  return listRows(answered, { taskId: 'attempts.task_id', name: 'people.display_name' });
}
