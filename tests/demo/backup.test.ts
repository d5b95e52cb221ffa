/** The whole demo club saved and brought back, compared table by table by the server's own checksums. */
import { mkdtempSync, readFileSync, rmSync, statSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import path from 'node:path';
import { gunzipSync, gzipSync } from 'node:zlib';
import { describeSchemaAt, emptySchema, onServer, runOn } from '../support/schemas';

/** Each moves a whole club, some several times. */
jest.setTimeout(240_000);

const DEMO = process.env.DEMO_DATABASE_URL ?? '';
const OWN = process.env.DATABASE_URL ?? '';
const directory = mkdtempSync(path.join(tmpdir(), 'vorschule-backup-'));
const FILE = path.join(directory, 'club.backup');

beforeAll(async () => {
  expect(await runOn(DEMO, 'backup-here', FILE)).toMatchObject({ code: 0 });
});
beforeEach(() => emptySchema(OWN));
afterAll(() => rmSync(directory, { recursive: true, force: true }));

const withoutLock = (tables: ReadonlyMap<string, string>) =>
  [...tables].filter(([name]) => name !== 'schema_lock');

test('restored into an empty schema, every table is as it was, and working out anew changes nothing', async () => {
  const before = withoutLock(await describeSchemaAt(DEMO));
  expect(before.length).toBeGreaterThan(50);
  expect(await runOn(OWN, 'restore-here', FILE)).toMatchObject({ code: 0 });
  expect(withoutLock(await describeSchemaAt(OWN))).toEqual(before);
  expect((await runOn(OWN, 'rebuild-here')).said).toContain(
    'the figures of 0 were others before.\nRatings: all were the same',
  );
  expect(withoutLock(await describeSchemaAt(OWN))).toEqual(before);
});

test('the file is its owner’s alone, and plain SQL to whoever has no program of ours', () => {
  expect(statSync(FILE).mode & 0o777).toBe(0o600);
  const text = gunzipSync(readFileSync(FILE)).toString('utf8');
  expect(text).toContain('CREATE TABLE `clubs`');
  expect(text).toContain('Quillhaven Chess Club');
});

test('while answers come in, what is saved is of one moment', async () => {
  await runOn(OWN, 'restore-here', FILE);
  const file = path.join(directory, 'busy.backup');
  let isSaving = true;
  const writing = onServer(OWN, async (connection) => {
    const [[first]] = (await connection.query('SELECT * FROM attempts ORDER BY id LIMIT 1')) as unknown as [
      [Record<string, unknown>],
    ];
    const [[{ most }]] = (await connection.query(
      'SELECT MAX(try_number) AS most FROM attempts',
    )) as unknown as [[{ most: number }]];
    let made = 0;
    // Each answer and its verdict in one transaction: half of one must not be in the file.
    for (; isSaving; made += 1) {
      await connection.beginTransaction();
      const { id: _, ...row } = first;
      const answer = JSON.stringify(row.answer);
      const [stored] = await connection.query('INSERT INTO attempts SET ?', [
        { ...row, answer, client_id: `busy-${made}`, try_number: most + 1 + made },
      ]);
      await connection.query('INSERT INTO verdicts SET ?', [
        {
          attempt_id: 'insertId' in stored ? stored.insertId : 0,
          judge_version: 1,
          outcome: 'right',
          diagnoses: '[]',
        },
      ]);
      await connection.commit();
    }
    return made;
  });
  expect(await runOn(OWN, 'backup-here', file)).toMatchObject({ code: 0 });
  isSaving = false;
  const made = await writing;
  expect(made).toBeGreaterThan(10);
  await emptySchema(OWN);
  expect(await runOn(OWN, 'restore-here', file)).toMatchObject({ code: 0 });
  const [answers, verdicts] = await onServer(OWN, async (connection) => {
    const count = async (table: string) => {
      const [[row]] = (await connection.query(`SELECT COUNT(*) AS n FROM ${table}`)) as unknown as [
        [{ n: number }],
      ];
      return row.n;
    };
    return [
      await count("attempts WHERE client_id LIKE 'busy-%'"),
      await count(
        "verdicts JOIN attempts ON attempts.id = verdicts.attempt_id WHERE client_id LIKE 'busy-%'",
      ),
    ];
  });
  expect(answers).toBe(verdicts);
  expect(answers).toBeLessThanOrEqual(made);
});

describe('what is not a whole backup changes nothing', () => {
  const bytes = () => readFileSync(FILE);
  const wrong = (name: string, content: Buffer): string => {
    const file = path.join(directory, name);
    writeFileSync(file, content);
    return file;
  };
  const seal = (text: string) => text.slice(0, text.lastIndexOf('\n-- sha256 '));

  test.each<[string, () => Buffer, RegExp]>([
    ['a part of one', () => bytes().subarray(0, bytes().length >> 1), /cannot be read to its end/],
    ['one without its last line', () => gzipSync(seal(gunzipSync(bytes()).toString('utf8'))), /is not whole/],
    [
      'one with a name changed',
      () => gzipSync(gunzipSync(bytes()).toString('utf8').replace('Quillhaven', 'Quillhavem')),
      /was changed since/,
    ],
    ['another file', () => Buffer.from('CREATE TABLE clubs (id INT);'), /cannot be read/],
    ['another compressed file', () => gzipSync('CREATE TABLE clubs (id INT);'), /is no backup of Vorschule/],
    ['an empty file', () => Buffer.alloc(0), /cannot be read|is no backup/],
  ])('%s', async (name, content, tells) => {
    const { code, said } = await runOn(OWN, 'restore-here', wrong(name.replaceAll(' ', '-'), content()));
    expect({ code, said }).toEqual({ code: 1, said: expect.stringMatching(tells) as string });
    expect(said).toContain('Nothing was changed');
    expect([...(await describeSchemaAt(OWN)).keys()]).toEqual([]);
  });
});

test('a filled schema is replaced only when that is said, and nobody is connected', async () => {
  await runOn(OWN, 'restore-here', FILE);
  await onServer(OWN, (connection) => connection.query("UPDATE clubs SET name = 'Another club'"));
  const filled = await runOn(OWN, 'restore-here', FILE);
  expect(filled).toMatchObject({ code: 1, said: expect.stringContaining('holds a club') as string });
  await onServer(OWN, async () => {
    const busy = await runOn(OWN, 'restore-here', '--replace', FILE);
    expect(busy).toMatchObject({ code: 1, said: expect.stringContaining('Stop Vorschule first') as string });
  });
  // The server notices that a client has gone a moment later.
  await onServer(DEMO, async (connection) => {
    for (;;) {
      const [rows] = await connection.query('SELECT id FROM information_schema.processlist WHERE db = ?', [
        new URL(OWN).pathname.slice(1),
      ]);
      if (Array.isArray(rows) && rows.length === 0) break;
    }
  });
  expect(await runOn(OWN, 'restore-here', '--replace', FILE)).toMatchObject({ code: 0 });
  expect(withoutLock(await describeSchemaAt(OWN))).toEqual(withoutLock(await describeSchemaAt(DEMO)));
});

test('where it cannot be written, that is said and nothing is left waiting', async () => {
  const { code, said } = await runOn(DEMO, 'backup-here', path.join(directory, 'nowhere', 'club.backup'));
  expect({ code, said }).toEqual({
    code: 1,
    said: expect.stringContaining('The backup broke off: ENOENT') as string,
  });
  expect(said).not.toMatch(/\n\s+at /);
});

test('no file is written over', async () => {
  const before = statSync(FILE).mtimeMs;
  expect(await runOn(DEMO, 'backup-here', FILE)).toMatchObject({
    code: 1,
    said: expect.stringContaining('is there already') as string,
  });
  expect(statSync(FILE).mtimeMs).toBe(before);
});
