/**
 * Brings the schema up to date, and may be killed at any moment. Knex's own migrator leaves its lock behind then, and a table that was made
 * and not noted; both stop every later start. Here a migration is noted after it is done, whatever one was in the middle of is taken away
 * and made anew (nothing was served from it yet, so it is empty), and the lock has an owner who says again and again that it still works.
 */
import { hostname } from 'node:os';
import type { Knex } from 'knex';
import { retryDeadlocks } from './retry';
import { MIGRATIONS, type Migration } from './migrations';

/** The table in which Knex notes what is done: installations have it, and its tools read it. */
export const NOTED_STEPS = 'knex_migrations';
export const SCHEMA_LOCK = 'schema_lock';

/** An owner that has said nothing for so long is gone. */
const LOST_AFTER_MS = 20_000;
const BEAT_MS = 4000;
const LOOK_MS = 250;
/** Others may have much to work out anew; then somebody should look. */
const PATIENCE_MS = 600_000;

/** A table with rows stands where a migration that is not noted would make it: nothing is guessed, nothing taken away. */
export class SchemaFault extends Error {}

/** Runs what is not noted yet, in order. Call it inside `withSchemaLock` where others may do the same. */
export async function migrate(db: Knex, migrations: readonly Migration[] = MIGRATIONS): Promise<void> {
  if (!(await db.schema.hasTable(NOTED_STEPS))) {
    await db.raw(`CREATE TABLE IF NOT EXISTS ${NOTED_STEPS} (
      id INT UNSIGNED NOT NULL AUTO_INCREMENT PRIMARY KEY,
      name VARCHAR(255), batch INT, migration_time TIMESTAMP)`);
  }
  const done = new Set<string>(await db(NOTED_STEPS).pluck('name'));
  for (const migration of migrations) {
    if (done.has(migration.name)) continue;
    await clearHalf(db, migration);
    await migration.up(db);
    await db(NOTED_STEPS).insert({ name: migration.name, batch: 1, migration_time: db.fn.now() });
  }
}

/** Takes away what a migration had made when it was broken off. Those that make no table can be run again as they are. */
async function clearHalf(db: Knex, migration: Migration): Promise<void> {
  const { makes, name } = migration;
  if (makes === undefined || !(await db.schema.hasTable(makes))) return;
  if ((await db(makes).first(db.raw('1'))) !== undefined) {
    throw new SchemaFault(
      `The table ${makes} holds rows, but the step ${name} that makes it is not noted in ${NOTED_STEPS}. ` +
        'Nothing was changed. Was only a part of a backup read in? "./vorschule repair" tells what is there.',
    );
  }
  await migration.down(db);
}

/** Which steps are noted, in order, and which are missing; who is at work on the schema. */
export async function describeSchema(db: Knex): Promise<{
  readonly done: readonly string[];
  readonly missing: readonly string[];
  readonly lock: LockState | undefined;
}> {
  const isNoted = await db.schema.hasTable(NOTED_STEPS);
  const rows: { name: string }[] = isNoted ? await db(NOTED_STEPS).orderBy('id').select('name') : [];
  const noted = rows.map(({ name }) => name);
  const lock = (await db.schema.hasTable(SCHEMA_LOCK)) ? await readLock(db) : undefined;
  const done = new Set(noted);
  return { done: noted, missing: MIGRATIONS.flatMap(({ name }) => (done.has(name) ? [] : name)), lock };
}

/** Does the schema hold a club? */
export async function isFilled(db: Knex): Promise<boolean> {
  return (await db.schema.hasTable('clubs')) && (await db('clubs').first(db.raw('1'))) !== undefined;
}

/** Other connections to this schema, on the server that answers. Ask before anything else: this process has several later on. */
export async function countOtherConnections(db: Knex): Promise<number> {
  const [[row]] = (await db.raw(
    'SELECT COUNT(*) AS others FROM information_schema.processlist WHERE db = DATABASE() AND id <> CONNECTION_ID()',
  )) as [[{ others: number }]];
  return row.others;
}

/** Takes away every table of ours but the lock. What is noted goes first, so that half of this is never taken for a whole schema. */
export async function clearSchema(db: Knex): Promise<void> {
  await db.transaction(async (one) => {
    await one.raw('SET SESSION FOREIGN_KEY_CHECKS = 0');
    for (const table of [NOTED_STEPS, ...MIGRATIONS.flatMap(({ makes }) => makes ?? [])])
      await one.schema.dropTableIfExists(table);
    await one.raw('SET SESSION FOREIGN_KEY_CHECKS = 1');
  });
}

export interface LockState {
  readonly owner: string;
  /** Since it last said that it works, in milliseconds by the database's clock. */
  readonly silentMs: number;
}

async function readLock(db: Knex): Promise<LockState | undefined> {
  const row: { owner: string | null; silent_ms: number } | undefined = await db(SCHEMA_LOCK)
    .where({ id: 1 })
    .first('owner', db.raw('TIMESTAMPDIFF(MICROSECOND, beat_at, NOW(3)) DIV 1000 AS silent_ms'));
  return row?.owner == null ? undefined : { owner: row.owner, silentMs: row.silent_ms };
}

/**
 * Runs the work while nobody else does: of two that start at once one waits. An owner that was killed is overtaken when it has been silent
 * for a while. `onWait` hears once who is waited for.
 */
export async function withSchemaLock<Value>(
  db: Knex,
  work: () => Promise<Value>,
  onWait: (lock: LockState) => void = () => undefined,
): Promise<Value> {
  await db.raw(`CREATE TABLE IF NOT EXISTS ${SCHEMA_LOCK} (
    id INT UNSIGNED NOT NULL PRIMARY KEY, owner VARCHAR(120) NULL, beat_at DATETIME(3) NOT NULL)`);
  await db.raw(`INSERT IGNORE INTO ${SCHEMA_LOCK} (id, owner, beat_at) VALUES (1, NULL, NOW(3))`);
  const owner = `process ${process.pid} on ${hostname()}, ${Date.now()}`;
  await waitForLock(db, owner, onWait);
  const beat = setInterval(() => {
    // A beat that is missed is made up by the next one; the work itself finds out when the database is gone.
    db(SCHEMA_LOCK)
      .where({ id: 1, owner })
      .update({ beat_at: db.fn.now(3) })
      .catch(() => undefined);
  }, BEAT_MS);
  try {
    return await work();
  } finally {
    clearInterval(beat);
    await db(SCHEMA_LOCK).where({ id: 1, owner }).update({ owner: null });
  }
}

async function waitForLock(db: Knex, owner: string, onWait: (lock: LockState) => void): Promise<void> {
  let isTold = false;
  for (const end = Date.now() + PATIENCE_MS; ;) {
    // Two that take it on different nodes of a cluster: one of them is told so as a deadlock, and looks again.
    const taken = await retryDeadlocks(() =>
      db(SCHEMA_LOCK)
        .where({ id: 1 })
        .where((free) => {
          void free
            .whereNull('owner')
            .orWhereRaw('beat_at < NOW(3) - INTERVAL ? MICROSECOND', [LOST_AFTER_MS * 1000]);
        })
        .update({ owner, beat_at: db.fn.now(3) }),
    );
    if (taken === 1) return;
    const lock = await readLock(db);
    if (lock !== undefined && !isTold) {
      onWait(lock);
      isTold = true;
    }
    if (Date.now() > end)
      throw new SchemaFault(`${lock?.owner ?? 'Somebody'} has kept the schema for too long.`);
    await new Promise((resolve) => setTimeout(resolve, LOOK_MS));
  }
}

/** Forgets whoever holds the lock: for "repair", when its owner is known to be gone. */
export async function breakSchemaLock(db: Knex): Promise<void> {
  if (await db.schema.hasTable(SCHEMA_LOCK)) await db(SCHEMA_LOCK).update({ owner: null });
}
