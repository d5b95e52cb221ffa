/**
 * Every action, called by everybody with everything: none throws, whoever may not call it is told so, a refusal has its sentence, and nothing
 * of another club changes.
 */
import { readdirSync } from 'node:fs';
import path from 'node:path';
import { strFromU8, unzipSync } from 'fflate';
import fc from 'fast-check';
import type { z } from 'zod/mini';
import type { ServiceFault } from '@/contracts/faults';
import { exportClub } from '@/server/services/clubExport';
import { faultText } from '@/text';
import { withDatabase } from '../support/database';
import { report } from '../support/lesson';
import { anything, ofForm } from '../support/nonsense';
import { listIds, makeClubs, makeCookie, ROLES, type Club, type Role } from '../support/twoClubs';

jest.setTimeout(1_800_000);

/** The browser's cookies, and the schemas that what it sent was held against. */
const mockJar = new Map<string, string>();
const mockSchemas: z.ZodMiniType[] = [];
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
  const actual = jest.requireActual<{ parseInput: (schema: z.ZodMiniType, input: unknown) => unknown }>(
    '@/server/auth/parseInput',
  );
  return {
    ...actual,
    parseInput: (schema: z.ZodMiniType, input: unknown) => {
      mockSchemas.push(schema);
      return actual.parseInput(schema, input);
    },
  };
});

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

async function signIn(role: Role, { personOf }: Club): Promise<void> {
  mockJar.clear();
  const cookie = await makeCookie(role, personOf);
  if (cookie !== undefined) mockJar.set(cookie.name, cookie.value);
}

/** All rows of a club. */
async function readClub({ clubId }: Club): Promise<Record<string, string>> {
  const parts = Object.entries(unzipSync(await exportClub(clubId, { hasNames: true })));
  return Object.fromEntries(
    parts.flatMap(([name, bytes]) => (name.startsWith('tables/') ? [[name, strFromU8(bytes)]] : [])),
  );
}

const inputsOf = (schema: z.ZodMiniType | undefined, idsOf: (field: string) => readonly number[]) =>
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

/** JSON has no numbers beyond all bounds. */
const asText = (_: string, part: unknown): unknown => (typeof part === 'bigint' ? String(part) : part);

/** As a form sends it: texts only. */
function toForm(input: unknown): FormData {
  const form = new FormData();
  if (typeof input !== 'object' || input === null) return form;
  for (const [name, value] of Object.entries(input))
    form.append(name, typeof value === 'string' ? value : JSON.stringify(value, asText));
  return form;
}
