/** A database and a web server of a test's own that may be killed, starved and lied to, and are started again as systemd does it. */
import { spawn, type ChildProcess } from 'node:child_process';
import { readFileSync } from 'node:fs';
import path from 'node:path';
import { createConnection } from 'mysql2/promise';
import { startMariadb } from '@/cli/mariadb';
import { findFreePort, isPortFree, waitUntil } from '@/cli/processes';
import { servePages, type Served } from '@/cli/serve';
import { runOn } from './schemas';

const PATIENCE = { timeoutMs: 120_000, everyMs: 50 };

export interface BrittleDatabase {
  readonly url: string;
  /** At once, in the middle of whatever it does. It comes back by itself. */
  kill(): void;
  /** How often it has come back. */
  returns(): number;
  stop(): Promise<void>;
}

/** Its files lie in the directory; whenever it ends, for whatever reason, it is started again. */
export async function startBrittleDatabase(directory: string): Promise<BrittleDatabase> {
  const first = await startMariadb(directory, 'thrown-away');
  const url = first.urlOf('vorschule');
  const readPid = () => Number(readFileSync(path.join(directory, 'mariadb.pid'), 'utf8').trim());
  // The same words again: they hold its port.
  const [program = '', ...words] = readFileSync(`/proc/${readPid()}/cmdline`, 'utf8')
    .split('\0')
    .filter(Boolean);
  await first.stop();
  let returns = -1;
  let isEnding = false;
  let child: ChildProcess;
  const begin = () => {
    returns += 1;
    child = spawn('eatmydata', [program, ...words], { stdio: 'ignore', detached: true });
    child.once('exit', () => {
      if (!isEnding) setTimeout(begin, 100);
    });
  };
  begin();
  if (!(await waitUntil(() => canConnect(url), PATIENCE))) throw new Error('the database does not come up');
  return {
    url,
    kill: () => child.kill('SIGKILL'),
    returns: () => returns,
    stop: async () => {
      isEnding = true;
      const ended = new Promise((resolve) => child.once('exit', resolve));
      if (child.exitCode === null && child.signalCode === null) {
        child.kill('SIGTERM');
        await ended;
      }
    },
  };
}

async function canConnect(uri: string): Promise<boolean> {
  try {
    const connection = await createConnection({ uri, connectTimeout: 2000 });
    await connection.end();
    return true;
  } catch {
    // Not yet.
    return false;
  }
}

export interface BrittleServer {
  readonly env: Readonly<Record<'DATABASE_URL' | 'SESSION_SECRET' | 'ORIGIN', string>>;
  readonly port: number;
  /** All of it, and started again; settles when it answers. */
  kill(): Promise<void>;
  /** One of its processes; which one, from 0 to 1. The others serve on. */
  killProcess(which: number): void;
  stop(): Promise<void>;
}

/**
 * On this database, whose schema is brought up to date. `origin`: where browsers find it, when something stands in front; `settings`: what
 * else its environment holds.
 */
export async function startBrittleServer(
  databaseUrl: string,
  {
    origin,
    settings = {},
  }: { readonly origin?: string; readonly settings?: Readonly<Record<string, string>> } = {},
): Promise<BrittleServer> {
  const port = await findFreePort();
  const env = {
    DATABASE_URL: databaseUrl,
    SESSION_SECRET: 'a-secret-for-tests-only-0123456789abcdef',
    ORIGIN: origin ?? `http://127.0.0.1:${port}`,
  };
  Object.assign(process.env, env);
  expect(await runOn(databaseUrl, 'seed-demo', '--migrate-only')).toMatchObject({ code: 0 });
  const serve = async (): Promise<Served> => {
    await waitUntil(() => isPortFree(port, '127.0.0.1'), PATIENCE);
    return servePages({ host: '127.0.0.1', port, env: { ...settings, ...env } });
  };
  let served = await serve();
  return {
    env,
    port,
    kill: async () => {
      const ended = new Promise((resolve) => served.child.once('exit', resolve));
      served.child.kill('SIGKILL');
      await ended;
      for (;;) {
        try {
          served = await serve();
          return;
        } catch {
          // The database may be away as well: it is started again until it stays.
        }
      }
    },
    killProcess: (which) => {
      const { pid } = served.child;
      const all = readFileSync(`/proc/${pid}/task/${pid}/children`, 'utf8').trim().split(' ').filter(Boolean);
      const one = all[Math.floor(which * all.length)];
      if (one !== undefined) process.kill(Number(one), 'SIGKILL');
    },
    stop: () => served.stop(),
  };
}
