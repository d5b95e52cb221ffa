import { spawn, type ChildProcess } from 'node:child_process';
import { once } from 'node:events';
import { createServer } from 'node:net';
import { createConnection } from 'mysql2/promise';
import { DEMO_SESSION_SECRET } from '@/server/env';

const SCHEMA = 'vorschule_test_start';
const SECRET = 'a-secret-for-tests-only-0123456789abcdef';

function run(words: readonly string[], env: Readonly<Record<string, string>> = {}) {
  const { PATH = '', HOME = '' } = process.env;
  const child = spawn(process.execPath, ['--conditions=react-server', 'dist/cli.mjs', ...words], {
    env: { NODE_ENV: 'production', PATH, HOME, ...env },
    stdio: ['ignore', 'pipe', 'pipe'],
  });
  let said = '';
  child.stdout.on('data', (chunk: Buffer) => (said += chunk.toString()));
  child.stderr.on('data', (chunk: Buffer) => (said += chunk.toString()));
  return { child, said: () => said };
}

async function runToEnd(words: readonly string[], env: Readonly<Record<string, string>> = {}) {
  const { child, said } = run(words, env);
  const [code] = (await once(child, 'close')) as [number];
  return { code, said: said() };
}

/** Settles when the program has said this, or throws with all it said when it ends before. */
function waitForWords(child: ChildProcess, said: () => string, words: string): Promise<void> {
  return new Promise((resolve, reject) => {
    const look = () => {
      if (said().includes(words)) resolve();
    };
    child.stdout?.on('data', look);
    child.stderr?.on('data', look);
    child.once('close', () => reject(new Error(`ended before "${words}": ${said()}`)));
  });
}

async function findPort(): Promise<number> {
  const server = createServer().listen(0, '127.0.0.1');
  await once(server, 'listening');
  const address = server.address();
  server.close();
  await once(server, 'close');
  return typeof address === 'object' && address !== null ? address.port : 0;
}

async function freshSchema(): Promise<string> {
  const url = new URL(process.env.TEST_DATABASE_URL ?? '');
  const connection = await createConnection({ uri: url.href });
  await connection.query(`DROP DATABASE IF EXISTS ${SCHEMA}`);
  await connection.query(`CREATE DATABASE ${SCHEMA}`);
  await connection.end();
  url.pathname = `/${SCHEMA}`;
  return url.href;
}

const noStack = (said: string) => expect(said).not.toMatch(/\n\s+at /);

test('start without its settings names each one that is missing', async () => {
  const { code, said } = await runToEnd(['start']);
  expect(code).toBe(1);
  for (const name of ['DATABASE_URL', 'SESSION_SECRET', 'ORIGIN']) expect(said).toContain(name);
  noStack(said);
});

test("start refuses the demo's secret, and a database that does not answer is a sentence", async () => {
  const env = { DATABASE_URL: 'mysql://nobody:x@127.0.0.1:9/none', ORIGIN: 'http://127.0.0.1:3000' };
  const demo = await runToEnd(['start'], { ...env, SESSION_SECRET: DEMO_SESSION_SECRET });
  expect(demo).toMatchObject({
    code: 1,
    said: expect.stringContaining('SESSION_SECRET is the demo') as string,
  });
  const away = await runToEnd(['start'], { ...env, SESSION_SECRET: SECRET });
  expect(away).toMatchObject({ code: 1, said: expect.stringContaining('could not be prepared') as string });
  noStack(away.said);
});

test('a taken port, an impossible one and an unknown command say what to do', async () => {
  const server = createServer().listen(0, '127.0.0.1');
  await once(server, 'listening');
  const address = server.address();
  const port = typeof address === 'object' && address !== null ? address.port : 0;
  const taken = await runToEnd(['demo', '--port', String(port)]);
  server.close();
  expect(taken).toMatchObject({ code: 1, said: expect.stringContaining(`--port ${port + 1}`) as string });
  expect(await runToEnd(['demo', '--port', 'x'])).toMatchObject({ code: 1 });
  expect(await runToEnd(['dance'])).toMatchObject({ code: 2 });
  noStack(taken.said);
});

test('a real start migrates, gives the set-up code, serves, and ends when asked', async () => {
  const port = await findPort();
  const origin = `http://127.0.0.1:${port}`;
  const { child, said } = run(['start'], {
    DATABASE_URL: await freshSchema(),
    SESSION_SECRET: SECRET,
    ORIGIN: origin,
    PORT: String(port),
  });
  await waitForWords(child, said, `Vorschule serves ${origin}`);
  expect(said()).toMatch(/enter this code: [0-9a-f]{12}/);
  expect(await (await fetch(`${origin}/api/health`)).json()).toEqual({ ok: true });
  const front = await fetch(origin, { redirect: 'manual' });
  expect(front.headers.get('location')).toBe('/set-up');
  const ended = once(child, 'close') as Promise<[number]>;
  child.kill('SIGTERM');
  expect((await ended)[0]).toBe(0);
  await expect(fetch(`${origin}/api/health`)).rejects.toThrow();
}, 240_000);
