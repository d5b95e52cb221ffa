/**
 * Every page and route, asked for by everybody with addresses, queries, bodies and methods that no page of ours makes: none fails on our side,
 * and nothing of another club is shown.
 */
import { readdirSync } from 'node:fs';
import fc from 'fast-check';
import { z } from 'zod/mini';
import { newAttemptSchema, newShownSchema } from '@/contracts/attempts';
import { setFileSchema } from '@/contracts/files';
import { classIdSchema, emailIdSchema, setIdSchema } from '@/contracts/ids';
import { lessonsFileSchema } from '@/contracts/lessons';
import { libraryFiltersSchema } from '@/contracts/library';
import { openLiveTaskSchema } from '@/contracts/live';
import { newSuggestionSchema } from '@/contracts/seatLesson';
import { studentSignInSchema } from '@/contracts/people';
import { blankSheetsSchema, planSheetSchema, setSheetsSchema } from '@/contracts/print';
import { childSchema } from '@/contracts/records';
import { reportSchema } from '@/contracts/reports';
import { rosterFileSchema } from '@/contracts/roster';
import { SEAT_ROUTES } from '@/contracts/seatRoutes';
import { unsentNewsSchema } from '@/contracts/unsent';
import { findFreePort } from '@/cli/processes';
import { servePages, type Served } from '@/cli/serve';
import { getDb } from '@/server/db';
import { withDatabase } from '../support/database';
import { report } from '../support/lesson';
import { anything, ofForm, WORDS } from '../support/nonsense';
import { listIds, makeClubs, makeCookie, OTHER_CHILD, ROLES, type Role } from '../support/twoClubs';

jest.setTimeout(1_800_000);

const SEED = 60;
/** How often each asks for each. */
const RUNS = 25;
const METHODS = ['GET', 'GET', 'GET', 'HEAD', 'POST', 'PUT', 'PATCH', 'DELETE', 'OPTIONS'] as const;

/** What is sent as JSON, and the form it should have. */
const SENT = [
  [SEAT_ROUTES.attempts.path, newAttemptSchema],
  [SEAT_ROUTES.shown.path, newShownSchema],
  [SEAT_ROUTES.suggestions.path, newSuggestionSchema],
  [SEAT_ROUTES.rounds.path, openLiveTaskSchema],
  [SEAT_ROUTES.unsent.path, unsentNewsSchema],
  ['/api/seat/sign-in', studentSignInSchema],
] as const;

const PLACES = readdirSync('src/app', { recursive: true, encoding: 'utf8' })
  .filter((file) => /(^|\/)(page\.tsx|route\.ts)$/.test(file))
  .map((file) => `/${file}`.replace(/\/(page\.tsx|route\.ts)$/, '').replace(/\/\([a-z]+\)/g, ''))
  .sort();

/** What stands behind the question mark of our addresses, and what pages read there by hand. */
const ASKED: readonly z.ZodMiniType[] = [
  blankSheetsSchema,
  childSchema,
  lessonsFileSchema,
  libraryFiltersSchema,
  planSheetSchema,
  reportSchema,
  rosterFileSchema,
  setFileSchema,
  setSheetsSchema,
  z.partial(z.object({ emailId: emailIdSchema, classId: classIdSchema, into: setIdSchema })),
  z.partial(z.object({ fen: z.string(), of: z.enum(['week', 'topic', 'family']), value: z.string() })),
];

withDatabase();
let served: Served;
let origin: string;
beforeAll(async () => {
  const port = await findFreePort();
  origin = `http://127.0.0.1:${port}`;
  const { DATABASE_URL = '', SESSION_SECRET = '' } = process.env;
  process.env.ORIGIN = origin;
  served = await servePages({
    host: '127.0.0.1',
    port,
    env: { DATABASE_URL, SESSION_SECRET, ORIGIN: origin },
  });
});
afterAll(() => served.stop());

/** As a browser sends it, or tries to. */
interface Asking {
  readonly method: string;
  readonly address: string;
  readonly headers: Readonly<Record<string, string>>;
  readonly body: string | undefined;
}

const isOf = (status: number) => status < 500;
/** A page that had begun before it failed says so in its text: a number where what failed would stand. */
const BROKEN = /data-dgst=\\?"\d|E\{\\?"digest\\?":\\?"\d/;

async function ask(cookie: string, { method, address, headers, body }: Asking): Promise<string> {
  const response = await fetch(`${origin}${address}`, {
    method,
    redirect: 'manual',
    headers: { cookie, ...headers },
    ...(body === undefined || method === 'GET' || method === 'HEAD' ? {} : { body }),
  });
  const text = await response.text();
  if (!isOf(response.status)) return `${response.status} ${text.slice(0, 200)}`;
  if (BROKEN.test(text)) return `a page that broke: ${BROKEN.exec(text)?.[0]}`;
  return text.includes(OTHER_CHILD) ? `shows ${OTHER_CHILD}` : '';
}

const words = fc.oneof(
  { weight: 3, arbitrary: fc.constantFrom(...WORDS) },
  { weight: 1, arbitrary: fc.string({ unit: 'binary' }) },
);

/** Letters that stand for no character cannot be sent at all. */
const encode = (text: string) => encodeURIComponent(Buffer.from(text).toString());

type IdsOf = (field: string) => readonly number[];

function addressOf(place: string, idsOf: IdsOf): fc.Arbitrary<string> {
  const parts = place.split('/').map((part) => {
    const field = /^\[(?:\.\.\.)?(\w+)\]$/.exec(part)?.[1];
    if (field === undefined) return fc.constant(part);
    const ids = idsOf(field).map(String);
    return fc.oneof(words.map(encode), fc.constantFrom('0', '-1', '1e3', '99999999999999999999', ...ids));
  });
  return fc.tuple(...parts).map((made) => made.join('/') || '/');
}

function queryOf(idsOf: IdsOf): fc.Arbitrary<string> {
  return fc.oneof(...ASKED.map((schema) => ofForm(schema, idsOf))).map((query) => {
    if (typeof query !== 'object' || query === null) return '';
    const pairs = Object.entries(query).flatMap(([name, value]) =>
      value === undefined
        ? []
        : [`${encode(name)}=${encode(typeof value === 'string' ? value : say(value))}`],
    );
    return pairs.length === 0 ? '' : `?${pairs.join('&')}`;
  });
}

/** Text of anything. */
function say(value: unknown): string {
  try {
    const text: unknown = JSON.stringify(value, (_, part: unknown) =>
      typeof part === 'bigint' ? String(part) : part,
    );
    return typeof text === 'string' ? text : '';
  } catch {
    // It holds itself, or refuses.
    return '[';
  }
}

const bodies = fc.oneof(
  words,
  anything.map(say),
  fc.constant('{"a":'.repeat(5000)),
  fc.constant('x'.repeat(300_000)),
);
const heads = fc.record({
  origin: fc.constantFrom('own', 'null', 'https://elsewhere.example'),
  'content-type': fc.constantFrom(
    'application/json',
    'text/plain;charset=UTF-8',
    'multipart/form-data; boundary=x',
    'application/x-www-form-urlencoded',
    'nonsense',
  ),
  'next-action': fc.constantFrom(undefined, 'x', '40'.repeat(21)),
  rsc: fc.constantFrom(undefined, '1'),
});

function headersOf(drawn: Readonly<Record<string, string | undefined>>): Record<string, string> {
  return Object.fromEntries(
    Object.entries(drawn).flatMap(([name, value]) =>
      value === undefined ? [] : [[name, value === 'own' ? origin : value]],
    ),
  );
}

async function listWrong(cookie: string, name: string, askings: fc.Arbitrary<Asking>): Promise<string[]> {
  const property = fc.asyncProperty(askings, async (asking) => {
    expect(await ask(cookie, asking)).toBe('');
  });
  const result = await fc.check(property, { numRuns: RUNS, seed: SEED });
  return result.failed ? [`${name}: ${fc.defaultReportMessage(result)}`] : [];
}

test('there are places', () => expect(PLACES.length).toBeGreaterThan(40));

test('a page that breaks would be seen', async () => {
  const { own } = await makeClubs();
  const cookie = await makeCookie('lead', own.personOf);
  const asking = { method: 'GET', address: '/games', headers: {}, body: undefined };
  const sent = `${cookie?.name}=${cookie?.value}`;
  expect(await ask(sent, asking)).toBe('');
  await getDb().raw('RENAME TABLE games TO games_away');
  try {
    expect(await ask(sent, asking)).not.toBe('');
  } finally {
    await getDb().raw('RENAME TABLE games_away TO games');
  }
});

test.each<Role>(ROLES)('%s', async (role) => {
  const { own } = await makeClubs();
  const cookie = await makeCookie(role, own.personOf);
  const sent = cookie === undefined ? '' : `${cookie.name}=${cookie.value}`;
  const idsOf = await listIds();
  const wrong: string[] = [];
  for (const place of PLACES) {
    const askings = fc
      .record({
        address: addressOf(place, idsOf),
        query: queryOf(idsOf),
        method: fc.constantFrom(...METHODS),
        head: heads,
        body: bodies,
      })
      .map(({ address, query, method, head, body }) => ({
        method,
        address: `${address}${query}`,
        headers: headersOf(head),
        body,
      }));
    wrong.push(...(await listWrong(sent, place, askings)));
  }
  for (const [path, schema] of SENT) {
    const head = { origin, 'content-type': 'application/json' };
    const askings = fc
      .oneof(ofForm(schema, idsOf).map(say), bodies)
      .map((body) => ({ method: 'POST', address: path, headers: head, body }));
    wrong.push(...(await listWrong(sent, path, askings)));
  }
  report('routes', `${role}: ${(PLACES.length + SENT.length) * RUNS} asked`);
  expect(wrong.join('\n\n')).toBe('');
});
