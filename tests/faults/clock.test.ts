/**
 * The clock of the web server's machine jumps while children answer, by hours, by more than a year, and back. Debian's faketime tells the
 * server the time; the coach's services in this process are told the same.
 */
import { mkdtempSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import path from 'node:path';
import { execFileSync } from 'node:child_process';
import { closeDb, getDb } from '@/server/db';
import { closePool } from '@/workers/node';
import {
  startBrittleDatabase,
  startBrittleServer,
  type BrittleDatabase,
  type BrittleServer,
} from '../support/brittleServer';
import { beginLesson, report, tellBooks } from '../support/lesson';

jest.setTimeout(900_000);

const CHILDREN = 24;
const HOUR = 3600;
const DAY = 24 * HOUR;
/** From the real time, in seconds, one after the other. */
const JUMPS = [HOUR, -HOUR, 3 * DAY, -3 * DAY, 400 * DAY, 0, -400 * DAY, 0];

const home = mkdtempSync(path.join(tmpdir(), 'vorschule-clock-'));
const clock = path.join(home, 'clock');
const setClock = (seconds: number) => writeFileSync(clock, `${seconds < 0 ? '' : '+'}${seconds}\n`);
let database: BrittleDatabase;
let server: BrittleServer;
beforeAll(async () => {
  database = await startBrittleDatabase(path.join(home, 'database'));
  setClock(0);
  // Where faketime's library lies, it knows best itself.
  const told = execFileSync('faketime', ['-f', '+0', 'printenv', 'LD_PRELOAD'], { encoding: 'utf8' }).trim();
  server = await startBrittleServer(database.url, {
    settings: {
      LD_PRELOAD: told,
      FAKETIME_TIMESTAMP_FILE: clock,
      FAKETIME_CACHE_DURATION: '1',
      // How long something takes is not what a clock tells.
      FAKETIME_DONT_FAKE_MONOTONIC: '1',
    },
  });
});
afterAll(async () => {
  await closePool();
  await closeDb();
  await server.stop();
  await database.stop();
  rmSync(home, { recursive: true, force: true });
});

test('the lesson goes on whatever the clock says, and no answer is from a time after it came in', async () => {
  const lesson = await beginLesson({
    env: server.env,
    children: CHILDREN,
    seed: 40,
    everyMs: { look: 300, ask: 2000 },
  });
  await lesson.goOn(CHILDREN);
  for (const jump of JUMPS) {
    setClock(jump);
    lesson.setClock(jump * 1000);
    await lesson.goOn(3 * CHILDREN);
  }
  const books = await lesson.end();
  const late = await getDb()('attempts').whereRaw('answered_at > received_at').pluck('id');
  expect(late).toEqual([]);
  const years = await getDb()('attempts').distinct(getDb().raw('YEAR(received_at) AS year'));
  expect(years.length).toBeGreaterThan(2);
  report('clock', tellBooks(books));
});
