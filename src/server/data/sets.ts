import { MOST_LISTED } from '@/contracts/bounds';
import type { ClubId, CoachId, SetId, SetVersionId, TaskId } from '@/contracts/ids';
import { mateTaskSchema, openExercise, exerciseTaskSchema } from '@/core/exercises';
import { makeFen } from '@/core/notation';
import { EMPTY_DRAFT } from '@/core/rules';
import type { Db } from '../db';

export interface SetRecord {
  readonly setId: SetId;
  readonly clubId: ClubId;
  readonly name: string;
}

export interface VersionRecord {
  readonly setVersionId: SetVersionId;
  readonly version: number;
  readonly isGiven: boolean;
}

export async function createSet(
  db: Db,
  input: {
    clubId: ClubId;
    ownerId: CoachId;
    name: string;
    requestId: string;
    isStaircase: boolean;
    now: Date;
  },
): Promise<SetId> {
  const [id] = await db('sets').insert({
    club_id: input.clubId,
    owner_id: input.ownerId,
    name: input.name,
    created_at: input.now,
    request_id: input.requestId,
  });
  await db('set_versions').insert({ set_id: id, version: 1 });
  if (input.isStaircase) await db('staircase_sets').insert({ set_id: id });
  return id as SetId;
}

export async function findSetByRequest(db: Db, requestId: string): Promise<SetId | undefined> {
  const row = await db('sets').where({ request_id: requestId }).first('id');
  return row?.id as SetId | undefined;
}

/** Those of these versions whose sets are staircases. */
export async function filterStaircases(
  db: Db,
  setVersionIds: readonly SetVersionId[],
): Promise<ReadonlySet<SetVersionId>> {
  const ids: number[] = await db('staircase_sets')
    .join('set_versions', 'set_versions.set_id', 'staircase_sets.set_id')
    .whereIn('set_versions.id', [...setVersionIds])
    .pluck('set_versions.id');
  return new Set(ids as SetVersionId[]);
}

/** The tasks of a version of a set that is a staircase; none of another set. */
export async function listStairs(db: Db, setVersionId: SetVersionId): Promise<TaskId[]> {
  const ids: number[] = await db('staircase_sets')
    .join('set_versions', 'set_versions.set_id', 'staircase_sets.set_id')
    .join('set_items', 'set_items.set_version_id', 'set_versions.id')
    .where('set_versions.id', setVersionId)
    .pluck('set_items.task_id');
  return ids as TaskId[];
}

export async function findSet(db: Db, setId: SetId): Promise<SetRecord | undefined> {
  const row = await db('sets').where({ id: setId }).first('club_id', 'name');
  return row && { setId, clubId: row.club_id as ClubId, name: row.name };
}

/** The newest version; with `lock` no other transaction changes it until this one ends. */
export async function getLatestVersion(db: Db, setId: SetId, lock: 'lock' | 'read'): Promise<VersionRecord> {
  const query = db('set_versions').where({ set_id: setId }).orderBy('version', 'desc');
  if (lock === 'lock') query.forUpdate();
  const row = await query.first('id', 'version', 'given_at');
  if (row === undefined) throw new Error(`set ${setId} has no version`);
  return { setVersionId: row.id as SetVersionId, version: row.version, isGiven: row.given_at !== null };
}

/** A next version with the same items, not given yet. */
export async function copyVersion(db: Db, setId: SetId, from: VersionRecord): Promise<VersionRecord> {
  const version = from.version + 1;
  const [id] = await db('set_versions').insert({ set_id: setId, version });
  const items: { ordinal: number; task_id: number }[] = await db('set_items')
    .where({ set_version_id: from.setVersionId })
    .select('ordinal', 'task_id');
  if (items.length > 0) {
    await db('set_items').insert(items.map((item) => ({ ...item, set_version_id: id })));
  }
  return { setVersionId: id as SetVersionId, version, isGiven: false };
}

export async function markGiven(db: Db, setVersionId: SetVersionId, now: Date): Promise<void> {
  await db('set_versions').where({ id: setVersionId }).whereNull('given_at').update({ given_at: now });
}

/** Place of a task in the version, from 1; undefined when it is not in it. */
export async function findItemNumber(
  db: Db,
  setVersionId: SetVersionId,
  taskId: TaskId,
): Promise<number | undefined> {
  const rows: { task_id: number }[] = await db('set_items')
    .where({ set_version_id: setVersionId })
    .orderBy('ordinal')
    .select('task_id');
  const index = rows.findIndex((row) => row.task_id === taskId);
  return index < 0 ? undefined : index + 1;
}

/** Puts the task behind the others. */
export async function addItem(db: Db, setVersionId: SetVersionId, taskId: TaskId): Promise<void> {
  const row: { last?: number | null } | undefined = await db('set_items')
    .where({ set_version_id: setVersionId })
    .max({ last: 'ordinal' })
    .first();
  await db('set_items').insert({
    set_version_id: setVersionId,
    ordinal: (row?.last ?? 0) + 1,
    task_id: taskId,
  });
}

/** Takes the task out and moves the later ones up; nothing happens when it is not in it. */
export async function removeItem(db: Db, setVersionId: SetVersionId, taskId: TaskId): Promise<void> {
  const item = await db('set_items')
    .where({ set_version_id: setVersionId, task_id: taskId })
    .first('ordinal');
  if (item === undefined) return;
  await db('set_items').where({ set_version_id: setVersionId, task_id: taskId }).delete();
  await db('set_items')
    .where({ set_version_id: setVersionId })
    .where('ordinal', '>', item.ordinal)
    .decrement('ordinal', 1);
}

/** Puts another task into the place of one; throws when that one is not in the version. */
export async function replaceItem(
  db: Db,
  setVersionId: SetVersionId,
  taskId: TaskId,
  by: TaskId,
): Promise<void> {
  const changed = await db('set_items')
    .where({ set_version_id: setVersionId, task_id: taskId })
    .update({ task_id: by });
  if (changed !== 1) throw new Error(`${changed} items replaced instead of one`);
}

/** Puts the tasks of the version into this order; it holds exactly these. */
export async function orderItems(
  db: Db,
  setVersionId: SetVersionId,
  taskIds: readonly TaskId[],
): Promise<void> {
  await db('set_items').where({ set_version_id: setVersionId }).delete();
  await db('set_items').insert(
    taskIds.map((taskId, index) => ({
      set_version_id: setVersionId,
      ordinal: index + 1,
      task_id: taskId,
    })),
  );
}

export interface SetListRow {
  readonly setId: SetId;
  readonly name: string;
  readonly puzzleCount: number;
  readonly givenCount: number;
  readonly firstFen: string | undefined;
}

/** The club's newest sets by name, counted over their newest versions. */
export async function listSets(db: Db, clubId: ClubId): Promise<SetListRow[]> {
  // In a table of its own: MariaDB takes no limit inside IN.
  const newest = db('sets').where({ club_id: clubId }).orderBy('id', 'desc').limit(MOST_LISTED).select('id');
  const rows: {
    id: number;
    name: string;
    puzzles: number;
    given: number;
    payload: unknown;
    family: string | null;
  }[] = await db('sets')
    .join('set_versions as newest', 'newest.set_id', 'sets.id')
    .whereRaw('newest.version = (SELECT MAX(version) FROM set_versions WHERE set_id = sets.id)')
    .whereIn('sets.id', db.from(newest.as('newest_sets')).select('id'))
    .orderBy('sets.name')
    .select(
      'sets.id',
      'sets.name',
      db('set_items').count().whereRaw('set_version_id = newest.id').as('puzzles'),
      db('assignments')
        .join('set_versions as given', 'given.id', 'assignments.set_version_id')
        .whereRaw('given.set_id = sets.id')
        .count()
        .as('given'),
      db('set_items')
        .join('tasks', 'tasks.id', 'set_items.task_id')
        .whereRaw('set_items.set_version_id = newest.id')
        .orderBy('set_items.ordinal')
        .limit(1)
        .select('tasks.payload')
        .as('payload'),
      db('set_items')
        .join('tasks', 'tasks.id', 'set_items.task_id')
        .whereRaw('set_items.set_version_id = newest.id')
        .orderBy('set_items.ordinal')
        .limit(1)
        .select('tasks.family')
        .as('family'),
    );
  return rows.map((row) => ({
    setId: row.id as SetId,
    name: row.name,
    puzzleCount: row.puzzles,
    givenCount: row.given,
    firstFen: row.family === null ? undefined : findPicture(row.family, jsonOf(row.payload)),
  }));
}

/** The board of a task for a small picture; undefined where it is asked without one. */
function findPicture(family: string, payload: unknown): string | undefined {
  if (family === 'mate') return mateTaskSchema.parse(payload).fen;
  const { scene } = openExercise(exerciseTaskSchema.parse({ family, level: 1, task: payload }));
  return scene.isHidden ? undefined : makeFen({ ...EMPTY_DRAFT, board: scene.board });
}

/** A JSON column read through a subquery arrives as text, read directly it arrives parsed. */
function jsonOf(value: unknown): unknown {
  return typeof value === 'string' ? JSON.parse(value) : value;
}
