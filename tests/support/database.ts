/** The integration tests' own schema: made and migrated once a worker, emptied before every test. */
import { createConnection } from 'mysql2/promise';
import type { SetId } from '@/contracts/ids';
import type { Result } from '@/core/shared';
import type { CoachActor, StudentActor } from '@/server/auth/actors';
import { makeSetUpCode } from '@/server/auth/secrets';
import { closeDb, getDb, migrate } from '@/server/db';
import { addClass, addStudent } from '@/server/services/classes';
import { addCoach, getCoachActor } from '@/server/services/coaches';
import { addPuzzle, addSet } from '@/server/services/sets';
import { setUpClub } from '@/server/services/setUpClub';
import { closePool } from '@/workers/node';
import { v4 as makeUuid } from 'uuid';

export const PASSWORD = 'evening-ferry-7';

/** Registers the life of the schema with Jest; call once at the top of a test file. */
export function withDatabase(): void {
  beforeAll(async () => {
    await createSchema();
    await migrate(getDb());
  });
  beforeEach(emptyTables);
  afterAll(async () => {
    await closePool();
    await closeDb();
  });
}

async function createSchema(): Promise<void> {
  const base = new URL(process.env.TEST_DATABASE_URL ?? '');
  const schema = new URL(process.env.DATABASE_URL ?? '').pathname.slice(1);
  const connection = await createConnection({ uri: base.href });
  await connection.query(`CREATE DATABASE IF NOT EXISTS \`${schema}\``);
  await connection.end();
}

async function emptyTables(): Promise<void> {
  const db = getDb();
  const [rows] = (await db.raw(
    "SELECT table_name AS name FROM information_schema.tables WHERE table_schema = DATABASE() AND table_name NOT LIKE 'knex%' AND table_name <> 'schema_lock'",
  )) as [{ name: string }[]];
  await db.transaction(async (all) => {
    await all.raw('SET FOREIGN_KEY_CHECKS = 0');
    for (const { name } of rows) await all.raw(`DELETE FROM \`${name}\``);
    await all.raw('SET FOREIGN_KEY_CHECKS = 1');
  });
}

/** The value of a success; a test that gets a failure here says which. */
export function valueOf<Value>(result: Result<Value, { readonly code: string }>): Value {
  if (!result.ok) throw new Error(JSON.stringify(result.error));
  return result.value;
}

/** A club with its lead and one coach. */
export async function makeClub(): Promise<{ lead: CoachActor; coach: CoachActor }> {
  valueOf(
    await setUpClub(
      {
        code: makeSetUpCode(),
        clubName: 'Quillhaven Chess Club',
        timeZone: 'Atlantic/Faroe',
        leadName: 'Wenna',
        signInName: 'wenna',
        password: PASSWORD,
      },
      'here',
    ),
  );
  const lead = await getCoachActor('wenna');
  valueOf(await addCoach(lead, { name: 'Tam', signInName: 'tam', password: PASSWORD }));
  return { lead, coach: await getCoachActor('tam') };
}

/** A class of this coach with one student whose key is sun, boat, bell. */
export async function makeClass(coach: CoachActor, studentName = 'Pip') {
  const classId = valueOf(await addClass(coach, { requestId: makeUuid(), name: 'Lantern class' }));
  const { studentId } = valueOf(
    await addStudent(coach, {
      requestId: makeUuid(),
      classId,
      name: studentName,
      key: ['sun', 'boat', 'bell'],
    }),
  );
  const student: StudentActor = { kind: 'student', studentId, clubId: coach.clubId, name: studentName };
  return { classId, student };
}

/** Mate in 1 by Ra8 only, and mate in 2 by Rd8 only. */
export const MATE_IN_1 = '6k1/5ppp/8/8/8/8/8/R5K1 w - - 0 1';
export const MATE_IN_2 = '6k1/1p3pp1/p2R3p/8/q7/3B3P/PPP2PP1/4R2K w - - 0 1';

/** A set of these positions. */
export async function makeSet(coach: CoachActor, fens: readonly string[]): Promise<SetId> {
  const setId = valueOf(await addSet(coach, { requestId: makeUuid(), name: 'First mates' }));
  for (const fen of fens) valueOf(await addPuzzle(coach, { setId, fen }));
  return setId;
}
