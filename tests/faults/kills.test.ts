/** Two hundred times something is killed at a moment nobody chose, while children answer; afterwards the books are compared. */
import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import path from 'node:path';
import { createRandom, pickOne } from '@/core/shared';
import { closeDb } from '@/server/db';
import { closePool } from '@/workers/node';
import {
  startBrittleDatabase,
  startBrittleServer,
  type BrittleDatabase,
  type BrittleServer,
} from '../support/brittleServer';
import { beginLesson, pause, report, tellBooks } from '../support/lesson';

jest.setTimeout(5_400_000);

const KILLS = 200;
const CHILDREN = 24;
const SEED = 200;
/** A whole server takes some seconds to come back. */
const KINDS = ['database', 'database', 'process', 'process', 'server'] as const;
/** So long everything runs before something is killed again, at most. */
const MOST_PEACE_MS = 1500;

const directory = mkdtempSync(path.join(tmpdir(), 'vorschule-kills-'));
let database: BrittleDatabase;
let server: BrittleServer;
beforeAll(async () => {
  database = await startBrittleDatabase(directory);
  server = await startBrittleServer(database.url);
});
afterAll(async () => {
  await closePool();
  await closeDb();
  await server.stop();
  await database.stop();
  rmSync(directory, { recursive: true, force: true });
});

test(`${KILLS} kills lose and double no answer`, async () => {
  const lesson = await beginLesson({
    env: server.env,
    children: CHILDREN,
    seed: SEED,
    everyMs: { look: 300, ask: 2000 },
  });
  await lesson.goOn(CHILDREN);
  const random = createRandom(SEED);
  const killed = { database: 0, server: 0, process: 0 };
  for (let kill = 0; kill < KILLS; kill += 1) {
    await pause(random() * MOST_PEACE_MS);
    const what = pickOne(random, KINDS);
    killed[what] += 1;
    if (what === 'database') database.kill();
    else if (what === 'process') server.killProcess(random());
    else await server.kill();
    // Answers are stored between two kills, or nothing would be in danger.
    await lesson.goOn(3);
  }
  expect(database.returns()).toBe(killed.database);
  const books = await lesson.end();
  report('kills', `${JSON.stringify(killed)}; ${tellBooks(books)}`);
});
