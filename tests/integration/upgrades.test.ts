/** A database of earlier versions, a row in each of its tables, brought up to date: nothing is lost on the way. */
import { createConnection, type RowDataPacket } from 'mysql2/promise';
import knex from 'knex';
import { migrate, MIGRATIONS } from '@/server/db';

const SCHEMA = `vorschule_test_upgrade_${process.env.JEST_WORKER_ID ?? '1'}`;
const url = new URL(process.env.TEST_DATABASE_URL ?? '');
url.pathname = `/${SCHEMA}`;

/** What later steps change on purpose. */
const CHANGED: Readonly<Record<string, string>> = {
  'people.sign_in_name': 'name of 2',
  // Given at the same moment as it was received.
  'attempts.answered_at': '2026-01-02 03:04:05.000',
};
const DROPPED = ['people.session_epoch', 'assignments.due_at'];
const DROPPED_TABLES = new Set(MIGRATIONS.flatMap(({ drops }) => drops ?? []));

interface Column extends RowDataPacket {
  readonly col: string;
  readonly type: string;
  readonly extra: string;
  readonly target: string | null;
  readonly letters: number | null;
}

const MOMENT = '2026-01-02 03:04:05.000';

/** Something that fits; the table's number keeps texts apart. */
function makeValue({ type, target, letters }: Column, number: number): unknown {
  if (target !== null) return 1;
  if (type === 'date') return '2026-01-02';
  if (type === 'datetime') return MOMENT;
  if (type.endsWith('text')) return '{}';
  if (type.endsWith('blob')) return Buffer.from('x');
  if (type === 'varchar') return `NAME of ${number}`.slice(0, letters ?? 1);
  return 1;
}

const db = knex({
  client: 'mysql2',
  connection: { uri: url.href, timezone: 'Z', dateStrings: true },
  pool: { min: 0, max: 2 },
});
afterAll(() => db.destroy());

async function emptySchema(): Promise<void> {
  const base = new URL(url);
  base.pathname = '/information_schema';
  const connection = await createConnection({ uri: base.href });
  await connection.query(`DROP DATABASE IF EXISTS ${SCHEMA}`);
  await connection.query(`CREATE DATABASE ${SCHEMA}`);
  await connection.end();
}

async function describeColumns(table: string): Promise<Column[]> {
  const [columns] = (await db.raw(
    `SELECT c.column_name AS col, c.data_type AS type, c.extra, c.character_maximum_length AS letters,
            MAX(k.referenced_table_name) AS target
     FROM information_schema.columns c LEFT JOIN information_schema.key_column_usage k
       ON k.table_schema = c.table_schema AND k.table_name = c.table_name AND k.column_name = c.column_name
     WHERE c.table_schema = DATABASE() AND c.table_name = ?
     GROUP BY c.column_name, c.data_type, c.extra, c.character_maximum_length, c.ordinal_position
     ORDER BY c.ordinal_position`,
    [table],
  )) as [Column[]];
  return columns;
}

type Rows = Record<string, Record<string, unknown>>;

async function readAll(tables: readonly string[]): Promise<Rows> {
  const rows: Rows = {};
  for (const table of tables) {
    const found = await db(table).select<Record<string, unknown>[]>('*');
    expect({ table, rows: found.length }).toEqual({ table, rows: 1 });
    rows[table] = found[0] ?? {};
  }
  return rows;
}

/** Where versions that were handed out ended, and each place among the steps that change rows. */
const VERSIONS = [20, 27, 34, 42, 46, 50, 51, 52, 53, 54, 55, 58];

test.each(VERSIONS)('from step %i', async (count) => {
  await emptySchema();
  const before = MIGRATIONS.slice(0, count);
  await migrate(db, before);
  const tables = before.flatMap(({ makes }) => makes ?? []);
  for (const [at, table] of tables.entries()) {
    const columns = (await describeColumns(table)).filter(({ extra }) => extra !== 'auto_increment');
    await db(table).insert(Object.fromEntries(columns.map((one) => [one.col, makeValue(one, at + 1)])));
  }
  const had = await readAll(tables);
  await migrate(db);
  const has = await readAll(tables.filter((table) => !DROPPED_TABLES.has(table)));
  for (const [table, row] of Object.entries(had)) {
    if (DROPPED_TABLES.has(table)) continue;
    for (const [column, value] of Object.entries(row)) {
      const name = `${table}.${column}`;
      if (DROPPED.includes(name)) continue;
      const now = has[table]?.[column];
      if (JSON.stringify(now) !== JSON.stringify(value))
        expect({ name, now }).toEqual({ name, now: CHANGED[name] });
    }
  }
  const noted = await db('knex_migrations').count<{ n: number }[]>({ n: '*' });
  expect(Number(noted[0]?.n)).toBe(MIGRATIONS.length);
});

test('stored words of earlier versions are those of today', async () => {
  await emptySchema();
  await migrate(db, MIGRATIONS.slice(0, 58));
  await db.raw('SET SESSION FOREIGN_KEY_CHECKS = 0');
  await db.raw(
    "INSERT INTO verdicts (attempt_id, judge_version, outcome, diagnoses) VALUES (1, 1, 'wrong', ?)",
    [JSON.stringify({ codes: ['pawn-takes-slantwise', 'wrong-piece'], wrongPly: null })],
  );
  await db.raw("INSERT INTO audit_log (club_id, action, details, at) VALUES (1, 'mail/written', '{}', ?)", [
    MOMENT,
  ]);
  await migrate(db);
  const stored: unknown = await db('verdicts').pluck('diagnoses');
  expect(stored).toEqual([{ codes: ['pawn-takes-diagonally', 'wrong-piece'], wrongPly: null }]);
  expect(await db('audit_log').pluck('action')).toEqual(['email/written']);
});
