/**
 * A club of a test file's own, beside the demo club and those of other files on the same server: whatever a file changes, no other file
 * sees. It is made by the services in a process of its own, which takes about three seconds.
 */
import { execFileSync } from 'node:child_process';
import { existsSync, readFileSync } from 'node:fs';
import { test } from '@playwright/test';
import { v4 as makeUuid } from 'uuid';
import { z } from 'zod/mini';
import { DEMO_CLASSES, DEMO_STUDENTS, type DemoClassId } from '@/cli/demo/people';
import { coachesOf, type OwnCoaches } from './people';

/** What a file wants in its club beside coaches, classes and children. */
export interface ClubContents {
  /** Sets by their names in the demo, given to a class in this order; the last one lies on top. */
  readonly given?: readonly { readonly set: string; readonly to: DemoClassId }[];
  /** Sets that the children have answered as far as the demo's have. */
  readonly answered?: readonly string[];
  /** A game, plans, past lessons and an email of Lantern class, and past lessons of Harbour class. */
  readonly isFurnished?: boolean;
}

export interface OwnClub extends OwnCoaches {
  readonly tag: string;
  /** The demo's classes under the demo's names, with codes of their own. */
  readonly classes: Readonly<Record<DemoClassId, { readonly name: string; readonly code: string }>>;
  /** Where a page is whose address holds a number: of a class by its id, of a child by name, and what the club has beside them. */
  readonly pathOf: (name: string) => string;
}

/** What the process that makes a club is told; without a tag it makes none and says where the demo club's pages are. */
export interface ClubOrder {
  readonly tag: string | undefined;
  readonly contents: ClubContents;
}
const madeSchema = z.object({
  codes: z.object({ lantern: z.string(), harbour: z.string(), tidepool: z.string() }),
  /** Addresses by the name of what they show. */
  paths: z.record(z.string(), z.string()),
});
export type MadeClub = z.infer<typeof madeSchema>;

const settingsSchema = z.object({ DATABASE_URL: z.string(), SESSION_SECRET: z.string(), ORIGIN: z.string() });

/** "./vorschule test" names its server; alone, it is the demo that is open. */
export function readServerSettings(): z.infer<typeof settingsSchema> {
  const file = '.data/demo/running.json';
  const { E2E_DATABASE_URL, E2E_SESSION_SECRET, E2E_ORIGIN } = process.env;
  if (E2E_DATABASE_URL !== undefined) {
    return settingsSchema.parse({
      DATABASE_URL: E2E_DATABASE_URL,
      SESSION_SECRET: E2E_SESSION_SECRET,
      ORIGIN: E2E_ORIGIN,
    });
  }
  if (!existsSync(file)) throw new Error('neither a test run nor a demo: there is no database');
  return settingsSchema.parse(JSON.parse(readFileSync(file, 'utf8')));
}

function makeOwnClub(contents: ClubContents): OwnClub {
  const tag = makeUuid().slice(0, 8);
  const { codes, pathOf } = askMaker({ tag, contents });
  const classOf = (id: DemoClassId) => ({ name: DEMO_CLASSES[id].name, code: codes[id] });
  return {
    tag,
    ...coachesOf(tag),
    classes: { lantern: classOf('lantern'), harbour: classOf('harbour'), tidepool: classOf('tidepool') },
    pathOf,
  };
}

/** Where the pages of the demo club are. It is looked at only; what changes something works in a club of its own. */
export function findDemoPaths(): Pick<OwnClub, 'pathOf'> {
  return askMaker({ tag: undefined, contents: {} });
}

function askMaker(order: ClubOrder): Pick<OwnClub, 'pathOf'> & Pick<MadeClub, 'codes'> {
  const words = ['--conditions=react-server', '--enable-source-maps', 'dist-tests/makeClub.mjs'];
  const answer = execFileSync(process.execPath, [...words, JSON.stringify(order)], {
    env: { ...process.env, ...readServerSettings(), NODE_OPTIONS: '' },
    encoding: 'utf8',
    stdio: ['ignore', 'pipe', 'inherit'],
  });
  const { codes, paths } = madeSchema.parse(JSON.parse(answer));
  return {
    codes,
    pathOf: (name) => {
      const found = paths[name];
      if (found === undefined)
        throw new Error(`nothing here is called "${name}": ${Object.keys(paths).join(', ')}`);
      return found;
    },
  };
}

/** Makes a club before the tests of a file; the function it returns gives it inside them. */
export function openOwnClub(contents: ClubContents = {}): () => OwnClub {
  let club: OwnClub | undefined;
  test.beforeAll(() => {
    club = makeOwnClub(contents);
  });
  return () => {
    if (club === undefined) throw new Error('the club is made before the tests, not before that');
    return club;
  };
}

/** The pictures of a child of the demo, as words on the keys. */
export function keyOf(name: string): string[] {
  const student = DEMO_STUDENTS.find((one) => one.name === name);
  if (student === undefined) throw new Error(`no child ${name}`);
  return student.key.map((picture) => picture.charAt(0).toUpperCase() + picture.slice(1));
}
