/** Children answer over a network that waits and breaks, to a server whose way to the database does so too; and others hold on to connections. */
import { mkdtempSync, rmSync } from 'node:fs';
import { connect } from 'node:net';
import { tmpdir } from 'node:os';
import path from 'node:path';
import { createRandom } from '@/core/shared';
import { closeDb } from '@/server/db';
import { closePool } from '@/workers/node';
import { openBadNetwork, type BadNetwork } from '../support/badNetwork';
import {
  startBrittleDatabase,
  startBrittleServer,
  type BrittleDatabase,
  type BrittleServer,
} from '../support/brittleServer';
import { beginLesson, pause, report, tellBooks } from '../support/lesson';

jest.setTimeout(900_000);

const CHILDREN = 24;
const ANSWERS = 6 * CHILDREN;
/** Who sends a request letter by letter. */
const DRIPPING = 300;
const DRIP_MS = 500;

const home = mkdtempSync(path.join(tmpdir(), 'vorschule-network-'));
let database: BrittleDatabase;
let toDatabase: BadNetwork;
let toServer: BadNetwork;
let server: BrittleServer;
beforeAll(async () => {
  database = await startBrittleDatabase(path.join(home, 'database'));
  const url = new URL(database.url);
  const port = Number(url.port);
  toDatabase = await openBadNetwork(() => port, { random: createRandom(51), waitMs: 20, breaks: 0.001 });
  toServer = await openBadNetwork(() => server.port, { random: createRandom(52), waitMs: 600, breaks: 0.03 });
  url.port = String(toDatabase.port);
  server = await startBrittleServer(url.href, { origin: `http://127.0.0.1:${toServer.port}` });
  // This process is the coach, and what is done before the lesson is done in peace.
  process.env.DATABASE_URL = database.url;
});
afterAll(async () => {
  await closePool();
  await closeDb();
  await server.stop();
  await Promise.all([toServer.stop(), toDatabase.stop()]);
  await database.stop();
  rmSync(home, { recursive: true, force: true });
});

test('each answer is stored once over a network that waits and breaks, while others hold on to connections', async () => {
  const lesson = await beginLesson({
    env: { ...server.env, DATABASE_URL: database.url },
    children: CHILDREN,
    seed: 50,
    everyMs: { look: 500, ask: 10_000 },
  });
  await lesson.goOn(CHILDREN);
  const request = `POST /api/attempts HTTP/1.1\r\nHost: 127.0.0.1\r\nX-Long: ${'a'.repeat(4000)}\r\n\r\n`;
  let isDripping = true;
  let open = 0;
  const drips = Array.from({ length: DRIPPING }, async () => {
    const socket = connect(server.port, '127.0.0.1');
    socket.on('connect', () => (open += 1));
    socket.on('error', () => undefined);
    for (let sent = 0; isDripping && !socket.destroyed; sent += 1) {
      socket.write(request.charAt(sent % request.length));
      await pause(DRIP_MS);
    }
    socket.destroy();
  });
  await lesson.goOn(ANSWERS);
  isDripping = false;
  await Promise.all(drips);
  expect(open).toBe(DRIPPING);
  const books = await lesson.end();
  expect(toServer.broken()).toBeGreaterThan(20);
  expect(toDatabase.broken()).toBeGreaterThan(3);
  report(
    'network',
    `${toServer.broken()} connections of children and ${toDatabase.broken()} to the database broke; ${tellBooks(books)}`,
  );
});
