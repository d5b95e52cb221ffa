/**
 * Nothing that is parsed on the request thread may keep the other requests waiting: every schema of the wire is given the worst that is let
 * through to it, and more. Measured in processor time, and the best of several tries, so that a busy machine changes nothing; the limit is
 * that of the server's own warning (cli/web/webServer.ts).
 */
import { readdirSync } from 'node:fs';
import path from 'node:path';
import { z } from 'zod/mini';
import { MOST_LETTERS, MOST_PARTS, parseInput } from './parseInput';

const LIMIT_MS = 200;
const TRIES = 3;
/** Of what is let through: some parts are the fields around. */
const FULL = 0.9;

const TEXTS = ['e\u0301', '- ', '('].map((piece) =>
  piece.repeat(Math.ceil(MOST_LETTERS / piece.length)).slice(0, FULL * MOST_LETTERS),
);
const LISTS = [0, 'e4'].map((item) => Array.from({ length: FULL * MOST_PARTS }, () => item));
const LISTS_OF_PARTS = [{ square: 1 }].map((item) =>
  Array.from({ length: (FULL * MOST_PARTS) / 2 }, () => item),
);
const DEEP = Array.from({ length: FULL * MOST_PARTS }).reduce<unknown>((inside) => [inside], 0);
const MANY_KEYS = Object.fromEntries(
  Array.from({ length: (FULL * MOST_PARTS) / 2 }, (_, index) => [`key${index}`, index]),
);
const TOO_LARGE = [
  'e\u0301'.repeat(1_000_000),
  Array.from({ length: 500_000 }, () => ({})),
  Object.fromEntries(Array.from({ length: 200_000 }, (_, index) => [`key${index}`, index])),
];
const HOSTILE: readonly unknown[] = [...TEXTS, ...LISTS, ...LISTS_OF_PARTS, DEEP, MANY_KEYS];
const CONTRACTS = path.resolve('src/contracts');

const MODULES = readdirSync(CONTRACTS).filter((file) => file.endsWith('.ts') && !file.endsWith('.test.ts'));

/** What browsers read of our own answers. */
const READ_BY_BROWSERS = ['liveNewsAnswerSchema', 'seatNewsSchema'];

function listSchemas(): (readonly [string, z.ZodMiniType])[] {
  return MODULES.flatMap((file) =>
    Object.entries(jest.requireActual<Record<string, unknown>>(path.join(CONTRACTS, file))).flatMap(
      ([name, value]) =>
        value instanceof z.ZodMiniType && !READ_BY_BROWSERS.includes(name) ? [[name, value] as const] : [],
    ),
  );
}

/** The hostile value itself, and, of an object, in each of its fields and in all of them. */
function* listInputs(schema: z.ZodMiniType, hostile: unknown): Generator {
  yield hostile;
  const shape = schema instanceof z.ZodMiniObject ? Object.keys(schema.shape) : [];
  for (const key of shape) yield { [key]: hostile };
  yield Object.fromEntries(shape.map((key) => [key, hostile]));
}

/** The least processor time of some tries, in milliseconds. */
function measure(work: () => unknown): number {
  let best = Infinity;
  for (let time = 0; time < TRIES && best > LIMIT_MS / 4; time += 1) {
    const from = process.cpuUsage();
    work();
    const { user, system } = process.cpuUsage(from);
    best = Math.min(best, (user + system) / 1000);
  }
  return best;
}

test.each([0, 1, 2])('what is too large is refused before a schema sees it (%s)', (index) => {
  expect(measure(() => parseInput(z.unknown(), { text: TOO_LARGE[index] }))).toBeLessThan(LIMIT_MS);
  expect(parseInput(z.unknown(), { text: TOO_LARGE[index] })).toMatchObject({ ok: false });
});

test('there are schemas', () => expect(listSchemas().length).toBeGreaterThan(60));

test.each(listSchemas())('%s says no in time', (_, schema) => {
  const slow = HOSTILE.flatMap((hostile) =>
    [...listInputs(schema, hostile)].flatMap((input) => {
      const ms = measure(() => parseInput(schema, input));
      return ms > LIMIT_MS ? [`${Math.round(ms)} ms for ${JSON.stringify(input).slice(0, 80)}`] : [];
    }),
  );
  expect(slow).toEqual([]);
});
