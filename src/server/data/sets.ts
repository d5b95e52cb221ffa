import { MOST_LISTED } from '@/contracts/bounds';
import type { ClubId, CoachId, SetId, SetVersionId, TaskId } from '@/contracts/ids';
import { mateTaskSchema, openExercise, exerciseTaskSchema } from '@/core/exercises';
import { makeFen } from '@/core/notation';
import { EMPTY_DRAFT } from '@/core/rules';
import {
  computed,
  findRow,
  findValue,
  insertRow,
  listRows,
  listValues,
  parsed,
  readJson,
  type Db,
} from '../db';

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
  const setId = await insertRow(db, 'sets', {
    club_id: input.clubId,
    owner_id: input.ownerId,
    name: input.name,
    created_at: input.now,
    request_id: input.requestId,
  });
  await db('set_versions').insert({ set_id: setId, version: 1 });
  if (input.isStaircase) await db('staircase_sets').insert({ set_id: setId });
  return setId;
}

export async function findSetByRequest(db: Db, requestId: string): Promise<SetId | undefined> {
  return findValue(db('sets').where({ request_id: requestId }), 'sets.id');
}

/** Those of these versions whose sets are staircases. */
export async function filterStaircases(
  db: Db,
  setVersionIds: readonly SetVersionId[],
): Promise<ReadonlySet<SetVersionId>> {
  const staircases = db('staircase_sets')
    .join('set_versions', 'set_versions.set_id', 'staircase_sets.set_id')
    .whereIn('set_versions.id', [...setVersionIds]);
  return new Set(await listValues(staircases, 'set_versions.id'));
}

/** The tasks of a version of a set that is a staircase; none of another set. */
export async function listStairs(db: Db, setVersionId: SetVersionId): Promise<TaskId[]> {
  const stairs = db('staircase_sets')
    .join('set_versions', 'set_versions.set_id', 'staircase_sets.set_id')
    .join('set_items', 'set_items.set_version_id', 'set_versions.id')
    .where('set_versions.id', setVersionId);
  return listValues(stairs, 'set_items.task_id');
}

export async function findSet(db: Db, setId: SetId): Promise<SetRecord | undefined> {
  return findRow(db('sets').where({ id: setId }), {
    setId: 'sets.id',
    clubId: 'sets.club_id',
    name: 'sets.name',
  });
}

/** The newest version; with `lock` no other transaction changes it until this one ends. */
export async function getLatestVersion(db: Db, setId: SetId, lock: 'lock' | 'read'): Promise<VersionRecord> {
  const query = db('set_versions').where({ set_id: setId }).orderBy('version', 'desc');
  if (lock === 'lock') query.forUpdate();
  const latest = await findRow(query, {
    setVersionId: 'set_versions.id',
    version: 'set_versions.version',
    isGiven: parsed('set_versions.given_at', (givenAt) => givenAt !== null),
  });
  if (latest === undefined) throw new Error(`set ${setId} has no version`);
  return latest;
}

/** A next version with the same items, not given yet. */
export async function copyVersion(db: Db, setId: SetId, from: VersionRecord): Promise<VersionRecord> {
  const version = from.version + 1;
  const setVersionId = await insertRow(db, 'set_versions', { set_id: setId, version });
  const items = await db('set_items')
    .where({ set_version_id: from.setVersionId })
    .select('ordinal', 'task_id');
  if (items.length > 0) {
    await db('set_items').insert(items.map((item) => ({ ...item, set_version_id: setVersionId })));
  }
  return { setVersionId, version, isGiven: false };
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
  const items = db('set_items').where({ set_version_id: setVersionId }).orderBy('ordinal');
  const index = (await listValues(items, 'set_items.task_id')).indexOf(taskId);
  return index < 0 ? undefined : index + 1;
}

/** Puts the task behind the others. */
export async function addItem(db: Db, setVersionId: SetVersionId, taskId: TaskId): Promise<void> {
  const items = db('set_items').where({ set_version_id: setVersionId }).orderBy('ordinal', 'desc');
  const last = (await findValue(items, 'set_items.ordinal')) ?? 0;
  await db('set_items').insert({ set_version_id: setVersionId, ordinal: last + 1, task_id: taskId });
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
  const sets = db('sets')
    .join('set_versions as newest', 'newest.set_id', 'sets.id')
    .whereRaw('newest.version = (SELECT MAX(version) FROM set_versions WHERE set_id = sets.id)')
    .whereIn('sets.id', db.from(newest.as('newest_sets')).select('id'))
    .orderBy('sets.name');
  const items = db('set_items').whereRaw('set_items.set_version_id = newest.id');
  const given = db('assignments')
    .join('set_versions as given', 'given.id', 'assignments.set_version_id')
    .whereRaw('given.set_id = sets.id');
  const first = items
    .clone()
    .join('tasks', 'tasks.id', 'set_items.task_id')
    .orderBy('set_items.ordinal')
    .limit(1);
  const rows = await listRows(sets, {
    setId: 'sets.id',
    name: 'sets.name',
    puzzleCount: computed(items.clone().count(), Number),
    givenCount: computed(given.count(), Number),
    payload: computed(first.clone().select('tasks.payload'), readJson),
    family: computed(first.clone().select('tasks.family'), (family) => family as string | null),
  });
  return rows.map(({ payload, family, ...row }) => ({
    ...row,
    firstFen: family === null ? undefined : findPicture(family, payload),
  }));
}

/** The board of a task for a small picture; undefined where it is asked without one. */
function findPicture(family: string, payload: unknown): string | undefined {
  if (family === 'mate') return mateTaskSchema.parse(payload).fen;
  const { scene } = openExercise(exerciseTaskSchema.parse({ family, level: 1, task: payload }));
  return scene.isHidden ? undefined : makeFen({ ...EMPTY_DRAFT, board: scene.board });
}
