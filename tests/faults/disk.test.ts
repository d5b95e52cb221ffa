/** The disk of the database runs full under answers, on a small file system of the test's own, and is emptied again. */
import { execFileSync } from 'node:child_process';
import { closeSync, mkdirSync, mkdtempSync, openSync, readdirSync, rmSync, writeSync } from 'node:fs';
import { tmpdir } from 'node:os';
import path from 'node:path';
import { closeDb } from '@/server/db';
import { closePool } from '@/workers/node';
import {
  startBrittleDatabase,
  startBrittleServer,
  type BrittleDatabase,
  type BrittleServer,
} from '../support/brittleServer';
import { beginLesson, pause, report, seconds, tellBooks } from '../support/lesson';
import { runOn } from '../support/schemas';

jest.setTimeout(900_000);

const SIZE_MB = 300;
const CHILDREN = 24;
/** Nothing was stored for so long: the disk is full. */
const SILENT_MS = 5000;
const TIMES = 3;

const home = mkdtempSync(path.join(tmpdir(), 'vorschule-disk-'));
const filler = path.join(home, 'filler');
let database: BrittleDatabase;
let server: BrittleServer;
beforeAll(async () => {
  // Where this cannot be done (it needs root), there is no such test, and that is said by failing.
  execFileSync('mount', ['-t', 'tmpfs', '-o', `size=${SIZE_MB}m`, 'tmpfs', home]);
  const directory = path.join(home, 'database');
  mkdirSync(directory);
  database = await startBrittleDatabase(directory);
  server = await startBrittleServer(database.url);
});
afterAll(async () => {
  await closePool();
  await closeDb();
  await server.stop();
  await database.stop();
  execFileSync('umount', [home]);
  rmSync(home, { recursive: true, force: true });
});

/** Takes every block that is left. */
function fillDisk(): void {
  const file = openSync(filler, 'a');
  try {
    for (let size = 1024 * 1024; size >= 512;) {
      try {
        writeSync(file, Buffer.alloc(size));
      } catch {
        // No room for so much: for less, perhaps.
        size /= 2;
      }
    }
  } finally {
    closeSync(file);
  }
}

test('answers wait while the disk is full, and each is stored once when it is not', async () => {
  const lesson = await beginLesson({
    env: server.env,
    children: CHILDREN,
    seed: 30,
    everyMs: { look: 300, ask: 2000 },
  });
  for (let time = 0; time < TIMES; time += 1) {
    await lesson.goOn(2 * CHILDREN);
    fillDisk();
    const { stored } = lesson.children;
    for (let [before, since] = [stored.size, performance.now()]; performance.now() - since < SILENT_MS;) {
      await pause(100);
      // What the database frees for itself is taken too.
      fillDisk();
      if (stored.size > before) [before, since] = [stored.size, performance.now()];
    }
    rmSync(filler);
    const begun = performance.now();
    await lesson.goOn(CHILDREN);
    report('disk', `full, emptied, and answers stored again after ${seconds(performance.now() - begun)}`);
  }
  const books = await lesson.end();
  report('disk', `the database was started again ${database.returns()} times; ${tellBooks(books)}`);
});

test('a backup onto a full disk breaks off, says so and leaves nothing behind', async () => {
  const full = mkdtempSync(path.join(tmpdir(), 'vorschule-full-'));
  execFileSync('mount', ['-t', 'tmpfs', '-o', 'size=8k', 'tmpfs', full]);
  try {
    const refused = await runOn(server.env.DATABASE_URL, 'backup-here', path.join(full, 'club.backup'));
    expect(refused).toMatchObject({
      code: 1,
      said: expect.stringMatching(/^The backup broke off: /) as string,
    });
    expect(readdirSync(full)).toEqual([]);
  } finally {
    execFileSync('umount', [full]);
    rmSync(full, { recursive: true });
  }
});
