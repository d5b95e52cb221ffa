/**
 * Every action, called by everybody with everything: none throws, whoever may not call it is told so, a refusal has its sentence, and nothing
 * of another club changes.
 */
import { readdirSync } from 'node:fs';
import path from 'node:path';
import { strFromU8, unzipSync } from 'fflate';
import fc from 'fast-check';
import { v4 as makeUuid } from 'uuid';
import type { z } from 'zod';
import type { ServiceFault } from '@/contracts/faults';
import type { ClubId } from '@/contracts/ids';
import { startSession } from '@/server/auth/access';
import type { CoachActor } from '@/server/auth/actors';
import { hashPassword } from '@/server/auth/secrets';
import { getDb, withTransaction } from '@/server/db';
import { setPost } from '@/server/services/classes';
import { exportClub } from '@/server/services/clubExport';
import { addCoach, getCoachActor } from '@/server/services/coaches';
import { openSeatRound } from '@/server/services/seat';
import { giveSet } from '@/server/services/sets';
import { openClub } from '@/server/services/setUpClub';
import { faultText } from '@/text';
import {
  makeClass,
  makeClub,
  makeSet,
  MATE_IN_1,
  MATE_IN_2,
  PASSWORD,
  valueOf,
  withDatabase,
} from '../support/database';
import { report } from '../support/lesson';
import { anything, ofForm } from '../support/nonsense';

jest.setTimeout(1_800_000);

/** The browser's cookies, and the schemas that what it sent was held against. */
const mockJar = new Map<string, string>();
const mockSchemas: z.ZodType[] = [];
class MockSentOn extends Error {}
jest.mock('next/headers', () => ({
  cookies: () =>
    Promise.resolve({
      get: (name: string) => (mockJar.has(name) ? { name, value: mockJar.get(name) } : undefined),
      set: (name: string, value: string) => void mockJar.set(name, value),
      delete: (name: string) => void mockJar.delete(name),
    }),
  headers: () => Promise.resolve(new Headers()),
}));
jest.mock('next/cache', () => ({ revalidatePath: () => undefined }));
jest.mock('next/navigation', () => ({
  redirect: () => {
    throw new MockSentOn();
  },
}));
jest.mock('@/server/auth/parseInput', () => {
  const actual = jest.requireActual<{ parseInput: (schema: z.ZodType, input: unknown) => unknown }>(
    '@/server/auth/parseInput',
  );
  return {
    ...actual,
    parseInput: (schema: z.ZodType, input: unknown) => {
      mockSchemas.push(schema);
      return actual.parseInput(schema, input);
    },
  };
});

const ROLES = ['nobody', 'child', 'assistant', 'coach', 'lead'] as const;
type Role = (typeof ROLES)[number];
/** How often each calls each action. */
const RUNS: Readonly<Record<Role, number>> = { nobody: 5, child: 10, assistant: 25, coach: 50, lead: 100 };
const SEED = 20;

type Action = (...input: readonly unknown[]) => Promise<unknown>;
const ACTIONS = readdirSync('src/app', { recursive: true, encoding: 'utf8' })
  .filter((file) => /[aA]ctions\.ts$/.test(file))
  .flatMap((file) =>
    Object.entries(jest.requireActual<Record<string, Action>>(path.resolve('src/app', file))).map(
      ([name, action]) => ({ name, action, isForm: file.includes('(public)') && name !== 'openSeat' }),
    ),
  );
/** Where somebody becomes known or leaves. */
const DOORS = ['setUp', 'signIn', 'signOut', 'openClass', 'openSeat', 'leaveSeat'];
const OF_CHILDREN = ['startPracticeAction', 'startNextRoundAction'];

withDatabase();

interface Club {
  readonly clubId: ClubId;
  readonly personOf: Readonly<Record<Role, number | undefined>>;
}

async function fillClub(
  { lead, coach }: Readonly<Record<'lead' | 'coach', CoachActor>>,
  assistant: CoachActor,
): Promise<Club> {
  const { classId, student } = await makeClass(coach);
  valueOf(await setPost(lead, { classId, coachId: assistant.coachId, post: 'assistant' }));
  const setId = await makeSet(coach, [MATE_IN_1, MATE_IN_2]);
  const assignmentId = valueOf(await giveSet(coach, { requestId: makeUuid(), setId, classId }));
  valueOf(await openSeatRound(student, assignmentId));
  const { coachId, clubId } = lead;
  return {
    clubId,
    personOf: {
      nobody: undefined,
      child: student.studentId,
      assistant: assistant.coachId,
      coach: coach.coachId,
      lead: coachId,
    },
  };
}

/** Two clubs with the same in each. */
async function makeClubs(): Promise<{ readonly own: Club; readonly other: Club }> {
  const first = await makeClub();
  const secretHash = await hashPassword(PASSWORD);
  const input = { clubName: 'Ravenfell Chess Club', timeZone: 'UTC', leadName: 'Ulla', signInName: 'ulla' };
  await withTransaction((db) => openClub(db, input, secretHash));
  const second = await getCoachActor('ulla');
  const add = async (lead: CoachActor, signInName: string) => {
    valueOf(await addCoach(lead, { name: signInName, signInName, password: PASSWORD }));
    return getCoachActor(signInName);
  };
  return {
    other: await fillClub(first, await add(first.lead, 'ines')),
    own: await fillClub({ lead: second, coach: await add(second, 'oda') }, await add(second, 'ivo')),
  };
}

async function signIn(role: Role, { personOf }: Club): Promise<void> {
  mockJar.clear();
  const personId = personOf[role];
  if (personId !== undefined) await startSession(role === 'child' ? 'seat' : 'coach', personId);
}

/** All rows of a club. */
async function readClub({ clubId }: Club): Promise<Record<string, string>> {
  const parts = Object.entries(unzipSync(await exportClub(clubId, { hasNames: true })));
  return Object.fromEntries(
    parts.flatMap(([name, bytes]) => (name.startsWith('tables/') ? [[name, strFromU8(bytes)]] : [])),
  );
}

/** Numbers that stand for something in one of the two clubs, by the name of a field: `classId` is a class. */
async function listIds(): Promise<(field: string) => readonly number[]> {
  const db = getDb();
  const tables = {
    class: 'classes',
    student: 'people',
    coach: 'people',
    live: 'live_lessons',
    plan: 'lesson_plans',
  };
  const known = new Map<string, readonly number[]>();
  for (const word of [
    'set',
    'task',
    'assignment',
    'round',
    'term',
    'game',
    'lesson',
    'mail',
    'roster_change',
  ])
    known.set(word, (await db(`${word}s`).orderBy('id').limit(40).pluck('id')) as number[]);
  for (const [word, table] of Object.entries(tables))
    known.set(word, (await db(table).orderBy('id').limit(40).pluck('id')) as number[]);
  return (field) => {
    const word = /^(?:\w*?)([a-z]+)Ids?$/i.exec(field)?.[1]?.toLowerCase();
    return word === undefined ? [] : (known.get(word) ?? [1, 2, 3]);
  };
}

const inputsOf = (schema: z.ZodType | undefined, idsOf: (field: string) => readonly number[]) =>
  schema === undefined
    ? anything
    : fc.oneof({ weight: 4, arbitrary: ofForm(schema, idsOf) }, { weight: 1, arbitrary: anything });

const isFault = (value: unknown): value is { readonly ok: false; readonly error: ServiceFault } =>
  typeof value === 'object' && value !== null && 'ok' in value && value.ok === false;

test('there are actions', () => expect(ACTIONS.length).toBeGreaterThan(50));

test.each(ROLES)('%s', async (role) => {
  const { own, other } = await makeClubs();
  const before = await readClub(other);
  const wrong: string[] = [];
  const fine = new Map<string, number>();
  for (const { name, action, isForm } of ACTIONS) {
    await signIn(role, own);
    const idsOf = await listIds();
    const call = async (input: unknown): Promise<unknown> => {
      try {
        return await (isForm ? action({}, toForm(input)) : action(input));
      } catch (error) {
        if (error instanceof MockSentOn) return undefined;
        throw error;
      }
    };
    mockSchemas.length = 0;
    await call(undefined);
    const isDoor = DOORS.includes(name);
    const mayCall =
      isDoor ||
      (role === 'child' ? OF_CHILDREN.includes(name) : role !== 'nobody' && !OF_CHILDREN.includes(name));
    const property = fc.asyncProperty(inputsOf(mockSchemas[0], idsOf), async (input) => {
      const answer = await call(input);
      if (isFault(answer)) {
        expect(faultText(answer.error)).toMatch(/^\S.+[.!?]$/s);
        if (!mayCall) expect(answer.error).toEqual({ code: 'access/not-signed-in' });
      } else if (!isDoor) {
        expect(mayCall).toBe(true);
        fine.set(name, (fine.get(name) ?? 0) + 1);
      }
    });
    const result = await fc.check(property, { numRuns: RUNS[role], seed: SEED, endOnFailure: false });
    if (result.failed) wrong.push(`${name}: ${fc.defaultReportMessage(result)}`);
  }
  const did = [...fine.values()].reduce((sum, one) => sum + one, 0);
  report('actions', `${role}: ${did} calls did something, of ${fine.size} actions of ${ACTIONS.length}`);
  expect(wrong.join('\n\n')).toBe('');
  expect(await readClub(other)).toEqual(before);
});

/** As a form sends it: texts only. */
function toForm(input: unknown): FormData {
  const form = new FormData();
  if (typeof input !== 'object' || input === null) return form;
  for (const [name, value] of Object.entries(input))
    form.append(name, typeof value === 'string' ? value : JSON.stringify(value));
  return form;
}
