import { getDb, MIGRATIONS, migrationSource } from '@/server/db';
import { withDatabase } from '../support/database';

withDatabase();

async function listTables(): Promise<string[]> {
  const [rows] = (await getDb().raw(
    "SELECT table_name AS name FROM information_schema.tables WHERE table_schema = DATABASE() AND table_name NOT LIKE 'knex%'",
  )) as [{ name: string }[]];
  return rows.map(({ name }) => name).sort();
}

/** Those that change rows of tables that are there. */
const MAKE_NO_TABLE: readonly string[] = ['0052_answer_times', '0054_sign_in_names', '0055_session_epochs'];

test('every migration makes one table or none, and its way down takes just that one away', async () => {
  expect(MIGRATIONS.length).toBeGreaterThanOrEqual(20);
  const all = await listTables();
  const tablesOf = (count: number) =>
    MIGRATIONS.slice(0, count).filter(({ name }) => !MAKE_NO_TABLE.includes(name)).length;
  expect(all).toHaveLength(tablesOf(MIGRATIONS.length));
  for (let left = MIGRATIONS.length - 1; left >= 0; left -= 1) {
    await getDb().migrate.down({ migrationSource });
    expect(await listTables()).toHaveLength(tablesOf(left));
  }
  await getDb().migrate.latest({ migrationSource });
  expect(await listTables()).toEqual(all);
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
