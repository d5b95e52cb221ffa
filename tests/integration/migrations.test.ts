import { spawn } from 'node:child_process';
import { createConnection } from 'mysql2/promise';
import { createRandom, randomBelow } from '@/core/shared';
import { getDb, migrate, MIGRATIONS, SchemaFault, withSchemaLock } from '@/server/db';
import bundlePrograms from '../support/bundlePrograms';
import { withDatabase } from '../support/database';

withDatabase();

async function listTables(): Promise<string[]> {
  const [rows] = (await getDb().raw(
    "SELECT table_name AS name FROM information_schema.tables WHERE table_schema = DATABASE() AND table_name NOT LIKE 'knex%' AND table_name <> 'schema_lock'",
  )) as [{ name: string }[]];
  return rows.map(({ name }) => name).sort();
}

test('every migration makes one table or takes one away or neither, and its way down is the way back', async () => {
  expect(MIGRATIONS.length).toBeGreaterThanOrEqual(20);
  const all = await listTables();
  const tablesOf = (count: number) => {
    const done = MIGRATIONS.slice(0, count);
    const dropped = new Set(done.flatMap(({ drops }) => drops ?? []));
    return done.flatMap(({ makes }) => makes ?? []).filter((table) => !dropped.has(table));
  };
  expect(all).toEqual(tablesOf(MIGRATIONS.length).sort());
  for (let left = MIGRATIONS.length - 1; left >= 0; left -= 1) {
    await MIGRATIONS[left]?.down(getDb());
    expect(await listTables()).toEqual(tablesOf(left).sort());
  }
  await getDb()('knex_migrations').delete();
  await migrate(getDb());
  expect(await listTables()).toEqual(all);
});

describe('a start that is killed', () => {
  const SCHEMA = `vorschule_test_killed_${process.env.JEST_WORKER_ID ?? '1'}`;

  beforeAll(() => {
    bundlePrograms();
  });

  async function onServer<Value>(
    work: (connection: Awaited<ReturnType<typeof createConnection>>) => Promise<Value>,
  ) {
    const connection = await createConnection({ uri: process.env.TEST_DATABASE_URL ?? '' });
    try {
      return await work(connection);
    } finally {
      await connection.end();
    }
  }

  const emptySchema = () =>
    onServer(async (connection) => {
      await connection.query(`DROP DATABASE IF EXISTS ${SCHEMA}`);
      await connection.query(`CREATE DATABASE ${SCHEMA}`);
    });

  /** Gives the signal it died of; null when it came to its end. */
  function start(dieAt: number): Promise<NodeJS.Signals | null> {
    const url = new URL(process.env.TEST_DATABASE_URL ?? '');
    url.pathname = `/${SCHEMA}`;
    const words = [
      '--conditions=react-server',
      '--enable-source-maps',
      'dist-tests/migrateAndDie.mjs',
      String(dieAt),
    ];
    const env = { ...process.env, DATABASE_URL: url.href, NODE_OPTIONS: '' };
    const child = spawn(process.execPath, words, { env, stdio: ['ignore', 'ignore', 'inherit'] });
    return new Promise((resolve, reject) => {
      child.once('error', reject);
      child.once('exit', (code, signal) => {
        if (signal === null && code !== 0) reject(new Error(`the start ended with ${code}`));
        else resolve(signal);
      });
    });
  }

  /** Every table as the server would make it again, and what is noted. */
  const describeAll = () =>
    onServer(async (connection) => {
      const [tables] = (await connection.query(
        `SELECT table_name AS name FROM information_schema.tables WHERE table_schema = '${SCHEMA}' ORDER BY name`,
      )) as unknown as [{ name: string }[]];
      const made: string[] = [];
      for (const { name } of tables) {
        const [[row]] = (await connection.query(`SHOW CREATE TABLE ${SCHEMA}.${name}`)) as unknown as [
          [Record<'Create Table', string>],
        ];
        made.push(row['Create Table'].replace(/ AUTO_INCREMENT=\d+/, ''));
      }
      const [noted] = (await connection.query(
        `SELECT name FROM ${SCHEMA}.knex_migrations ORDER BY id`,
      )) as unknown as [{ name: string }[]];
      return { made, noted: noted.map(({ name }) => name) };
    });

  /** The next start need not wait until a killed owner counts as lost. */
  const ageLock = () =>
    onServer((connection) =>
      connection
        .query(`UPDATE ${SCHEMA}.schema_lock SET beat_at = NOW(3) - INTERVAL 1 HOUR`)
        // It was killed before it had made the lock.
        .catch(() => undefined),
    );

  test('between any two statements leaves nothing that stops the next one, and the same schema in the end', async () => {
    await emptySchema();
    expect(await start(0)).toBeNull();
    const whole = await describeAll();
    expect(whole.noted).toEqual(MIGRATIONS.map(({ name }) => name));
    await emptySchema();
    const random = createRandom(20);
    let kills = 0;
    // Each run goes some statements further than the last one came.
    for (;;) {
      const died = await start(6 + randomBelow(random, 24));
      if (died === null) break;
      kills += 1;
      await ageLock();
    }
    expect(kills).toBeGreaterThan(20);
    expect(await describeAll()).toEqual(whole);
  }, 300_000);

  test('and two first starts at once make it once', async () => {
    await emptySchema();
    expect(await Promise.all([start(0), start(0), start(0)])).toEqual([null, null, null]);
    expect((await describeAll()).noted).toEqual(MIGRATIONS.map(({ name }) => name));
  });
});

test('of several at work on a schema one is at it, the others wait; a silent one is overtaken', async () => {
  const seen: string[] = [];
  const work = (name: string) => () => {
    seen.push(`${name} begins`);
    return new Promise<void>((resolve) =>
      setImmediate(() => {
        seen.push(`${name} ends`);
        resolve();
      }),
    );
  };
  await Promise.all(['a', 'b'].map((name) => withSchemaLock(getDb(), work(name))));
  expect([seen[0]?.slice(2), seen[1]?.slice(2), seen[2]?.slice(2), seen[3]?.slice(2)]).toEqual([
    'begins',
    'ends',
    'begins',
    'ends',
  ]);
  await getDb()('schema_lock').update({ owner: 'somebody', beat_at: new Date('2026-01-01T00:00:00Z') });
  await withSchemaLock(getDb(), work('c'));
  expect(seen.at(-1)).toBe('c ends');
});

test('a table with rows that is not noted is never taken away', async () => {
  await getDb()('clubs').insert({ name: 'x', time_zone: 'UTC', settings: '{}', created_at: new Date() });
  const noted = (await getDb()('knex_migrations').where({ name: '0001_clubs' }).first()) as { name: string };
  await getDb()('knex_migrations').where({ name: '0001_clubs' }).delete();
  await expect(migrate(getDb())).rejects.toThrow(SchemaFault);
  expect(await getDb()('clubs').pluck('name')).toEqual(['x']);
  await getDb()('knex_migrations').insert(noted);
});

test('names are in order and unique', () => {
  const names = MIGRATIONS.map(({ name }) => name);
  expect([...new Set(names)].sort()).toEqual(names);
});

test('texts whose case matters are compared byte by byte', async () => {
  const [rows] = (await getDb().raw(
    `SELECT CONCAT(table_name, '.', column_name) AS name, collation_name AS collation
     FROM information_schema.columns WHERE table_schema = DATABASE()`,
  )) as [{ name: string; collation: string | null }[]];
  const collationOf = (name: string) => rows.find((row) => row.name === name)?.collation;
  for (const name of [
    'tasks.exact_key',
    'tasks.twin_key',
    'task_ideas.idea_key',
    'classes.join_code',
    'attempts.client_id',
  ]) {
    expect({ name, collation: collationOf(name) }).toEqual({ name, collation: 'ascii_bin' });
  }
});

test('moments are stored in UTC to the millisecond', async () => {
  const [rows] = (await getDb().raw(
    `SELECT column_name AS name, column_type AS type FROM information_schema.columns
     WHERE table_schema = DATABASE() AND column_name LIKE '%\\_at' AND table_name NOT LIKE 'knex%'`,
  )) as [{ name: string; type: string }[]];
  expect(rows.length).toBeGreaterThan(8);
  for (const row of rows) expect(row).toEqual({ name: row.name, type: 'datetime(3)' });
  const now = new Date('2026-03-29T01:30:00.123Z');
  await getDb()('clubs').insert({ name: 'x', time_zone: 'UTC', settings: '{}', created_at: now });
  expect(await getDb()('clubs').pluck('created_at')).toEqual([now]);
});
