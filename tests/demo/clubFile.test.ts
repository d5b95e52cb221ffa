/** The demo club taken to another installation in its file, and lost there on purpose. */
import { mkdtempSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import path from 'node:path';
import { strFromU8, strToU8, unzipSync, zipSync } from 'fflate';
import type { StudentId } from '@/contracts/ids';
import { readPgn } from '@/core/notation';
import { DEMO_CLUB, DEMO_COACHES, DEMO_LEAD, DEMO_STUDENTS } from '@/cli/demo/people';
import { CLUB_TABLES, OTHER_TABLES } from '@/server/data/clubTables';
import { MIGRATIONS } from '@/server/db';
import { listOwnClasses } from '@/server/services/classes';
import { getCoachActor } from '@/server/services/coaches';
import { openJoinPage, signInCoach, signInStudent } from '@/server/services/signIn';
import { setUpClub } from '@/server/services/setUpClub';
import { withDatabase } from '../support/database';
import { onServer, runOn } from '../support/schemas';

/** Each moves a whole club, some several times. */
jest.setTimeout(240_000);

const DEMO = process.env.DEMO_DATABASE_URL ?? '';
const OWN = process.env.DATABASE_URL ?? '';
const directory = mkdtempSync(path.join(tmpdir(), 'vorschule-club-'));
const file = (name: string) => path.join(directory, name);

type Row = Readonly<Record<string, unknown>>;
type Tables = ReadonlyMap<string, readonly Row[]>;

function readClub(name: string): {
  readonly parts: Readonly<Record<string, string>>;
  readonly tables: Tables;
} {
  const parts = Object.fromEntries(
    Object.entries(unzipSync(readFileSync(file(name)))).map(([part, bytes]) => [part, strFromU8(bytes)]),
  );
  const tables = new Map(
    CLUB_TABLES.flatMap((table) => {
      const text = parts[`tables/${table.name}.json`];
      return text === undefined ? [] : [[table.name, JSON.parse(text) as Row[]] as const];
    }),
  );
  return { parts, tables };
}

// An installation without a club.
withDatabase();
beforeAll(async () => {
  expect(await runOn(DEMO, 'export-club-here', '--names', file('named.zip'))).toMatchObject({ code: 0 });
  expect(await runOn(DEMO, 'export-club-here', file('nameless.zip'))).toMatchObject({ code: 0 });
});

afterAll(() => rmSync(directory, { recursive: true, force: true }));

test('every table is taken along or left behind on purpose', () => {
  const dropped = new Set(MIGRATIONS.flatMap(({ drops }) => drops ?? []));
  const made = MIGRATIONS.flatMap(({ makes }) => makes ?? []).filter((table) => !dropped.has(table));
  expect([...CLUB_TABLES.map(({ name }) => name), ...OTHER_TABLES].sort()).toEqual(made.sort());
});

test('a club comes over whole: all rows, what refers to what, and everybody signs in as before', async () => {
  // A club that is there already, so that no row keeps its number by chance.
  const first = await runOn(OWN, 'add-club-here', 'Ravenfell Chess Club');
  expect(first.code).toBe(0);
  const brought = await runOn(OWN, 'import-club-here', file('named.zip'));
  expect(brought).toMatchObject({ code: 0, out: '' });
  expect(
    await runOn(OWN, 'export-club-here', '--club', DEMO_CLUB.name, '--names', file('again.zip')),
  ).toMatchObject({ code: 0 });
  const before = readClub('named.zip');
  const after = readClub('again.zip');
  for (const [name, rows] of numbered(before.tables)) {
    const own = numbered(after.tables).get(name) ?? [];
    expect({ name, rows: own }).toEqual({ name, rows });
  }
  expect(before.tables.get('attempts')?.length).toBeGreaterThan(1500);
  for (const part of ['games.pgn', 'mates.pgn']) expect(after.parts[part]).toBe(before.parts[part]);

  const signedIn = await signInCoach(DEMO_LEAD.signInName, DEMO_LEAD.password, 'here');
  expect(signedIn).toMatchObject({ ok: true });
  const lead = await getCoachActor(DEMO_LEAD.signInName);
  const child = DEMO_STUDENTS.find(({ now }) => now === 'lantern');
  const found = (await listOwnClasses(lead)).find(({ name }) => name === 'Lantern class');
  const page = await openJoinPage(found?.joinCode ?? '', 'here');
  if (!page.ok || child === undefined) throw new Error('the class is there');
  const studentId = page.value.students.find(({ name }) => name === child.name)?.studentId;
  const seat = {
    joinCode: page.value.joinCode,
    studentId: studentId ?? (0 as StudentId),
    key: [...child.key],
  };
  expect(await signInStudent(seat, 'here')).toMatchObject({ ok: true });

  expect(await readWorkedOut(OWN)).toEqual(await readWorkedOut(DEMO));
});

/** What is derived from the answers; tasks have other numbers elsewhere. */
function readWorkedOut(url: string): Promise<unknown> {
  return onServer(url, async (connection) => {
    const [ratings] = await connection.query(
      'SELECT rating, deviation, answers FROM student_ratings ORDER BY student_id',
    );
    const [topics] = (await connection.query(
      'SELECT topic, state, due_at FROM topic_progress ORDER BY student_id, topic',
    )) as unknown as [{ state: { recent: [task: number, isRight: number][] } }[]];
    const states = topics.map(({ state, ...topic }) => ({
      ...topic,
      state: { ...state, recent: state.recent.map(([, isRight]) => isRight) },
    }));
    return { ratings, states };
  });
}

/** Numbers by their place, so that two installations can be compared; what is made anew on purpose left out. */
function numbered(tables: Tables): Tables {
  const places = new Map(
    [...tables].map(
      ([name, rows]) => [name, new Map(rows.map(({ id }, at) => [id, `${name} ${at}`]))] as const,
    ),
  );
  const anew = ['request_id', 'client_id'];
  const pointing: Readonly<Record<string, string>> = {
    club_id: 'clubs',
    owner_id: 'people',
    student_id: 'people',
    coach_id: 'people',
    person_id: 'people',
    given_by: 'people',
    added_by: 'people',
    noted_by: 'people',
    begun_by: 'people',
    written_by: 'people',
    term_id: 'terms',
    class_id: 'classes',
    open_class_id: 'classes',
    task_id: 'tasks',
    set_id: 'sets',
    set_version_id: 'set_versions',
    assignment_id: 'assignments',
    round_id: 'rounds',
    attempt_id: 'attempts',
    game_id: 'games',
    plan_id: 'lesson_plans',
    lesson_id: 'lessons',
    live_lesson_id: 'live_lessons',
    live_question_id: 'live_questions',
    setId: 'sets',
    studentId: 'people',
    coachId: 'people',
    classId: 'classes',
    termId: 'terms',
    gameId: 'games',
    changeId: 'roster_changes',
    begun: 'enrolments',
    ended: 'enrolments',
    made: 'classes',
    codes: 'classes',
  };
  const change = (value: unknown, key: string, table: string): unknown => {
    if (anew.includes(key)) return null;
    const target = key === 'id' ? table : pointing[key];
    // A child that was erased is nobody on either side.
    if (typeof value === 'number' && target !== undefined) return places.get(target)?.get(value) ?? 'nobody';
    if (Array.isArray(value)) return value.map((one) => change(one, key, table));
    if (typeof value !== 'object' || value === null) return value;
    return Object.fromEntries(
      Object.entries(value).map(([inner, one]) => [inner, change(one, inner, table)]),
    );
  };
  return new Map([...tables].map(([name, rows]) => [name, rows.map((row) => change(row, '', name) as Row)]));
}

test('without names nobody can be told from any part of the file', async () => {
  const { parts, tables } = readClub('nameless.zip');
  const people = [...DEMO_STUDENTS, ...DEMO_COACHES];
  const text = Object.values(parts).join('\n');
  for (const { name } of people) expect(text).not.toMatch(new RegExp(`\\b${name}\\b`));
  expect(text).not.toContain('$argon2');
  expect(JSON.parse(parts['club.json'] ?? '')).toMatchObject({ hasNames: false, club: DEMO_CLUB.name });
  // What was done and learned is all there.
  const named = readClub('named.zip').tables;
  for (const [name, rows] of tables)
    expect({ name, rows: rows.length }).toEqual({ name, rows: named.get(name)?.length });

  // Its lead comes in with the code that importing prints.
  const brought = await runOn(OWN, 'import-club-here', '--as', 'Somewhere else', file('nameless.zip'));
  expect(brought).toMatchObject({ code: 0, out: expect.stringMatching(/^[0-9a-f]{12}$/) as string });
  const input = {
    code: brought.out,
    clubName: 'Somewhere else',
    timeZone: 'Europe/Zurich',
    leadName: 'Runa',
    signInName: 'runa',
    password: 'twelve-otters-sing',
  };
  expect(await setUpClub(input, 'here')).toMatchObject({ ok: true });
  expect(await setUpClub(input, 'here')).toMatchObject({ ok: false, error: { code: 'set-up/wrong-code' } });
  expect((await listOwnClasses(await getCoachActor('runa'))).length).toBeGreaterThan(2);
});

test('its games and mates are PGN that is read back without a fault', () => {
  const { parts, tables } = readClub('named.zip');
  const games = [...readPgn(parts['games.pgn'] ?? '')];
  expect(games).toHaveLength(tables.get('games')?.length ?? 0);
  const mates = [...readPgn(parts['mates.pgn'] ?? '')];
  expect(mates.length).toBeGreaterThan(20);
  for (const { fault } of [...games, ...mates]) expect(fault).toBeUndefined();
});

test('beside a club that has the same names and codes, new ones are given and told', async () => {
  expect(await runOn(OWN, 'import-club-here', file('named.zip'))).toMatchObject({ code: 0 });
  const same = await runOn(OWN, 'import-club-here', file('named.zip'));
  expect(same).toMatchObject({ code: 1, said: expect.stringContaining('There is a club') as string });
  const twin = await runOn(OWN, 'import-club-here', '--as', 'The twin', file('named.zip'));
  expect(twin.code).toBe(0);
  expect(twin.said).toMatch(/Lantern class has the code [A-Z0-9]{6} here/);
  expect(twin.said).toContain(
    `Who signed in as "${DEMO_LEAD.signInName}" signs in as "${DEMO_LEAD.signInName}-2" here`,
  );
  const classes = async (name: string) =>
    (await listOwnClasses(await getCoachActor(name))).map(({ classId }) => classId);
  const [own, others] = [await classes(DEMO_LEAD.signInName), await classes(`${DEMO_LEAD.signInName}-2`)];
  expect(own.length).toBe(others.length);
  expect(own.filter((id) => others.includes(id))).toEqual([]);
});

describe('a file that is not taken changes nothing', () => {
  type Parts = Record<string, Uint8Array>;
  const change = (parts: Parts, table: string, work: (rows: Record<string, unknown>[]) => unknown): Parts => {
    const part = `tables/${table}.json`;
    const rows = JSON.parse(strFromU8(parts[part] ?? new Uint8Array())) as Record<string, unknown>[];
    return { ...parts, [part]: strToU8(JSON.stringify(work(rows))) };
  };

  test.each<[string, (parts: Parts) => Parts, RegExp]>([
    ['without its head', ({ 'club.json': _, ...parts }) => parts, /club\.json, it is missing/],
    [
      'without a table',
      ({ 'tables/rounds.json': _, ...parts }) => parts,
      /tables\/rounds\.json, it is missing/,
    ],
    [
      'with half a table',
      (parts) => ({ ...parts, 'tables/rounds.json': strToU8('[{"id":1') }),
      /tables\/rounds\.json/,
    ],
    [
      'with rows that are none',
      (parts) => change(parts, 'rounds', () => [1, 2]),
      /tables\/rounds\.json, 0: /,
    ],
    [
      'with two clubs',
      (parts) => change(parts, 'clubs', (rows) => [...rows, ...rows]),
      /one row is expected/,
    ],
    [
      'with a column of another version',
      (parts) => change(parts, 'classes', (rows) => rows.map((row) => ({ ...row, colour: 'red' }))),
      /another version .*the column colour of classes/,
    ],
    [
      'that lacks a column',
      (parts) => change(parts, 'classes', (rows) => rows.map(({ join_code: _, ...row }) => row)),
      /another version .*the column join_code of classes/,
    ],
    [
      'with an answer of nobody',
      (parts) =>
        change(parts, 'attempts', (rows) =>
          rows.map((row, at) => (at === 6 ? { ...row, student_id: 999_999 } : row)),
        ),
      /Row 7 of attempts names something that is not in the file \(student_id\)/,
    ],
    [
      'with a value that does not fit',
      (parts) => change(parts, 'classes', (rows) => rows.map((row) => ({ ...row, name: 'x'.repeat(200) }))),
      /refuses a row of classes: .*name/,
    ],
    [
      'with a day that is none',
      (parts) => change(parts, 'terms', (rows) => rows.map((row) => ({ ...row, starts_on: 'soon' }))),
      /refuses a row of terms: .*starts_on/,
    ],
    [
      'with a moment that is none',
      (parts) => change(parts, 'attempts', (rows) => rows.map((row) => ({ ...row, received_at: 'soon' }))),
      /refuses a row of attempts: .*received_at/,
    ],
  ])('%s', async (_name, spoil, tells) => {
    writeFileSync(file('spoiled.zip'), zipSync(spoil(unzipSync(readFileSync(file('named.zip'))))));
    const { code, said } = await runOn(OWN, 'import-club-here', file('spoiled.zip'));
    expect({ code, said }).toEqual({ code: 1, said: expect.stringMatching(tells) as string });
    expect(said).not.toMatch(/\n\s+at /);
    const left = await onServer(OWN, async (connection) => {
      const [rows] = await connection.query('SELECT id FROM clubs UNION SELECT id FROM people');
      return rows;
    });
    expect(left).toEqual([]);
  });

  test('and neither does one that is no zip', async () => {
    writeFileSync(file('none.zip'), 'This is no zip.');
    expect(await runOn(OWN, 'import-club-here', file('none.zip'))).toMatchObject({
      code: 1,
      said: expect.stringContaining('not a zip') as string,
    });
  });
});
