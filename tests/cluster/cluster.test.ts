/**
 * A lesson of sixty children on three nodes and two app processes, with the files that docs/operations.md ships, while a node, an app and
 * another node are killed one after the other. Nothing is done by hand but what systemd does: to start again what has died.
 */
import { closeDb } from '@/server/db';
import { closePool } from '@/workers/node';
import { startCluster, type Cluster } from '../support/cluster';
import { beginLesson, report, seconds, tellBooks } from '../support/lesson';

jest.setTimeout(900_000);

const CHILDREN = 60;
/** No write waits longer, whatever is killed. */
const MOST_WAIT_MS = 10_000;
const ASK_EVERY_MS = 4000;

let cluster: Cluster;
beforeAll(async () => {
  cluster = await startCluster();
  // This process is the coach: its services work on the same database by the same front.
  process.env.DATABASE_URL = cluster.databaseUrl;
  process.env.ORIGIN = cluster.origin;
  process.env.SESSION_SECRET = 'a-secret-for-tests-only-0123456789abcdef';
  await cluster.startApps();
});
afterAll(async () => {
  await closePool();
  await closeDb();
  await cluster.stop();
});

test('a lesson loses no answer and never waits long while nodes and apps are killed', async () => {
  const env = {
    DATABASE_URL: cluster.databaseUrl,
    SESSION_SECRET: process.env.SESSION_SECRET ?? '',
    ORIGIN: cluster.origin,
  };
  const everyMs = { look: 1000, ask: ASK_EVERY_MS };
  const lesson = await beginLesson({ env, children: CHILDREN, seed: 20, everyMs });
  const goOn = () => lesson.goOn(2 * CHILDREN);
  const used: number[] = [];
  const killNodeInUse = async () => {
    const number = cluster.nodeInUse();
    used.push(number);
    const begun = performance.now();
    await cluster.killNode(number);
    report('cluster', `node ${number} killed, back and in step after ${seconds(performance.now() - begun)}`);
  };
  await goOn();
  await killNodeInUse();
  await goOn();
  const begun = performance.now();
  await cluster.killApp(1);
  report('cluster', `app 1 killed, back after ${seconds(performance.now() - begun)}`);
  await goOn();
  await killNodeInUse();
  await goOn();
  const books = await lesson.end();
  report('cluster', `${CHILDREN} children: ${tellBooks(books)}`);
  // The second was another one: the work had moved.
  expect(new Set(used).size).toBe(2);
  expect(books.longestAnswerMs).toBeLessThan(MOST_WAIT_MS);
  expect(books.longestAskMs).toBeLessThan(MOST_WAIT_MS);
});
