/** Every server action asks the one access layer who is there, before anything else. */
import { readdirSync, readFileSync } from 'node:fs';
import path from 'node:path';

/** Doors: what is done there makes somebody known. */
const DOORS = ['setUp', 'signIn', 'signOut', 'openClass', 'openSeat', 'leaveSeat'];

const FILES = readdirSync('src/app', { recursive: true, encoding: 'utf8' }).filter((file) =>
  /[aA]ctions\.ts$/.test(file),
);
const ACTIONS = FILES.flatMap((file) => {
  const text = readFileSync(path.join('src/app', file), 'utf8');
  expect(text.startsWith("'use server';")).toBe(true);
  return text
    .split(/^export /m)
    .slice(1)
    .map((body) => ({ file, name: /function (\w+)/.exec(body)?.[1] ?? '', body }));
});

test('there are actions', () => expect(ACTIONS.length).toBeGreaterThan(30));

test.each(ACTIONS.filter(({ name }) => !DOORS.includes(name)))(
  '$name passes the access layer',
  ({ body }) => {
    const [, afterBrace = ''] = body.split('{\n');
    expect(afterBrace).toMatch(/^\s*(const result = await|return) runAs(Coach|Student)\(/);
  },
);
