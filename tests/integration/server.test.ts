/** The web server on a database of its own that hangs, dies and comes back; and its end, asked for, killed or orphaned. */
import { spawn } from 'node:child_process';
import { existsSync, mkdtempSync, readFileSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import path from 'node:path';
import { startMariadb, type PrivateDatabase } from '@/cli/mariadb';
import { findFreePort, waitUntil } from '@/cli/processes';
import { servePages, type Served } from '@/cli/serve';
import bundlePrograms from '../support/bundlePrograms';

jest.setTimeout(240_000);

const directory = mkdtempSync(path.join(tmpdir(), 'vorschule-server-'));
const PATIENCE = { timeoutMs: 60_000, everyMs: 100 };
let database: PrivateDatabase;
let env: Record<'DATABASE_URL' | 'SESSION_SECRET' | 'ORIGIN', string>;
let port: number;

beforeAll(async () => {
  bundlePrograms();
  database = await startMariadb(directory, 'thrown-away');
  port = await findFreePort();
  env = {
    DATABASE_URL: database.urlOf('vorschule'),
    SESSION_SECRET: 'a-secret-for-tests-only-0123456789abcdef',
    ORIGIN: `http://127.0.0.1:${port}`,
  };
  const words = ['--conditions=react-server', '--enable-source-maps', 'dist-tests/migrateAndDie.mjs', '0'];
  expect(
    await endOf(spawn(process.execPath, words, { env: { ...process.env, ...env, NODE_OPTIONS: '' } })),
  ).toBe(0);
});

afterAll(async () => {
  await database.stop();
  rmSync(directory, { recursive: true, force: true });
});

function endOf(child: ReturnType<typeof spawn>): Promise<number | NodeJS.Signals | null> {
  return new Promise((resolve) => child.once('exit', (code, signal) => resolve(signal ?? code)));
}

const signalDatabase = (signal: NodeJS.Signals) =>
  process.kill(Number(readFileSync(path.join(directory, 'mariadb.pid'), 'utf8').trim()), signal);

async function statusOf(address: string): Promise<number> {
  return (await fetch(`${env.ORIGIN}${address}`, { redirect: 'manual' })).status;
}

const serve = (): Promise<Served> => servePages({ host: '127.0.0.1', port, env });

test('a database that hangs is told at once, to those who wait too, and forgotten when it answers again', async () => {
  const served = await serve();
  try {
    // This page asks the database whether there is a club.
    expect(await statusOf('/set-up')).toBe(200);
    signalDatabase('SIGSTOP');
    // Those that were under way when it fell silent.
    const waiting = Array.from({ length: 20 }, () => statusOf('/set-up'));
    expect(await Promise.all(waiting)).toEqual(waiting.map(() => 503));
    expect(await statusOf('/set-up')).toBe(503);
    const health = await fetch(`${env.ORIGIN}/api/health`);
    expect([health.status, await health.json()]).toEqual([503, { ok: false, trouble: 'database-silent' }]);
    signalDatabase('SIGCONT');
    expect(await waitUntil(async () => (await statusOf('/set-up')) === 200, PATIENCE)).toBe(true);
    expect(served.child.exitCode).toBeNull();
  } finally {
    signalDatabase('SIGCONT');
    await served.stop();
  }
});

test('forty requests at ten connections wait their turn, and none fails', async () => {
  const served = await serve();
  try {
    const all = await Promise.all(Array.from({ length: 40 }, () => statusOf('/set-up')));
    expect(all).toEqual(all.map(() => 200));
  } finally {
    await served.stop();
  }
});

test('asked to end, it ends though clients keep asking', async () => {
  const served = await serve();
  let isAsking = true;
  const clients = Array.from({ length: 5 }, async () => {
    // When nobody listens any more, asking fails: that is the end of it.
    while (isAsking) await statusOf('/api/health').catch(() => (isAsking = false));
  });
  const ended = endOf(served.child);
  served.child.kill('SIGTERM');
  expect(await ended).toBe(0);
  isAsking = false;
  await Promise.all(clients);
});

test('a server process that is killed is replaced, and the others serve meanwhile', async () => {
  const served = await serve();
  try {
    const listWorkers = () =>
      readFileSync(`/proc/${served.child.pid}/task/${served.child.pid}/children`, 'utf8').trim().split(' ');
    const before = listWorkers();
    expect(before).toHaveLength(2);
    // A connection that had been given to the process that was killed breaks off.
    const isServing = () =>
      waitUntil(
        () =>
          statusOf('/api/health').then(
            (status) => status === 200,
            () => false,
          ),
        PATIENCE,
      );
    expect(await isServing()).toBe(true);
    process.kill(Number(before[0]), 'SIGKILL');
    expect(await isServing()).toBe(true);
    const isReplaced = () => listWorkers().length === 2 && !listWorkers().includes(before[0] ?? '');
    expect(await waitUntil(() => Promise.resolve(isReplaced()), PATIENCE)).toBe(true);
    expect(await isServing()).toBe(true);
  } finally {
    await served.stop();
  }
});

/** The command that whoever owns the machine gives, once its server answers. */
async function startCommand() {
  const words = [
    '--conditions=react-server',
    '--enable-source-maps',
    'dist/cli.mjs',
    'start',
    '--port',
    String(port),
  ];
  const starter = spawn(process.execPath, words, {
    env: { ...process.env, ...env, NODE_OPTIONS: '' },
    stdio: 'ignore',
  });
  const ended = endOf(starter);
  expect(
    await waitUntil(
      () =>
        statusOf('/api/health').then(
          (status) => status === 200,
          () => false,
        ),
      PATIENCE,
    ),
  ).toBe(true);
  return { starter, ended };
}

test('it does not outlive whoever started it, even when they are killed at once', async () => {
  const { starter, ended } = await startCommand();
  starter.kill('SIGKILL');
  await ended;
  const isGone = () =>
    statusOf('/api/health').then(
      () => false,
      () => true,
    );
  expect(await waitUntil(isGone, PATIENCE)).toBe(true);
});

test('when the server dies by itself, the command that started it says so and ends with a failure', async () => {
  const { starter, ended } = await startCommand();
  const children = readFileSync(`/proc/${starter.pid}/task/${starter.pid}/children`, 'utf8')
    .trim()
    .split(' ')
    .map(Number);
  const server = children.find((pid) => readFileSync(`/proc/${pid}/cmdline`, 'utf8').includes('serve-here'));
  if (server === undefined) throw new Error('the command has started a server');
  process.kill(server, 'SIGKILL');
  expect(await ended).toBe(1);
  expect(existsSync(`/proc/${server}`)).toBe(false);
});

test('it ends with whoever started it also when nobody can hear what it says any more', async () => {
  const words = ['--enable-source-maps', 'dist/cli.mjs', 'serve-here', '--port', String(port)];
  const server = spawn(process.execPath, words, {
    env: { ...process.env, ...env, HOST: '127.0.0.1', NODE_ENV: 'production', NODE_OPTIONS: '' },
    stdio: ['pipe', 'pipe', 'pipe'],
  });
  const ended = endOf(server);
  server.stdin.on('error', () => undefined);
  try {
    const answers = () =>
      statusOf('/api/health').then(
        (status) => status === 200,
        () => false,
      );
    expect(await waitUntil(answers, PATIENCE)).toBe(true);
    server.stdout.destroy();
    server.stderr.destroy();
    // Now it has something to say.
    signalDatabase('SIGSTOP');
    expect(await waitUntil(async () => (await statusOf('/set-up')) === 503, PATIENCE)).toBe(true);
    signalDatabase('SIGCONT');
    expect(await waitUntil(answers, PATIENCE)).toBe(true);
    server.stdin.end();
    expect(await ended).toBe(0);
  } finally {
    signalDatabase('SIGCONT');
    server.kill('SIGKILL');
  }
});
