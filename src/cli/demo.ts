import { existsSync, rmSync, writeFileSync } from 'node:fs';
import path from 'node:path';
import { DEMO_SESSION_SECRET } from '@/server/env';
import { buildWhenStale, bundleWorkers } from './build';
import { describeDemo } from './demo/people';
import { createLifetime } from './lifetime';
import { takeLock } from './lock';
import { startMariadb } from './mariadb';
import { runHere } from './processes';
import { RUNNING } from './running';
import { Advice, say } from './say';
import { needFreePort, servePages, watchServer } from './serve';

const HOST = '127.0.0.1';
const DATA = path.join('.data', 'demo');
/** Written when the demo club is whole. */
const SEEDED = path.join(DATA, 'seeded');

/**
 * `vorschule demo`: everything a fresh machine needs, then the demo until Ctrl-C. `vorschule dev`: the same club, but pages are built when they
 * are asked for and again when their source changes.
 */
export async function runDemo(options: { port: number; isReset: boolean; isDev: boolean }): Promise<number> {
  await needFreePort(options.port, HOST);
  const lifetime = createLifetime();
  try {
    lifetime.onEnd(takeLock(DATA));
    if (options.isReset) rmSync(DATA, { recursive: true, force: true });
    const database = await startMariadb(DATA, 'kept');
    lifetime.onEnd(() => database.stop());
    if (options.isDev) bundleWorkers();
    else buildWhenStale();
    const origin = `http://${HOST}:${options.port}`;
    const env = {
      DATABASE_URL: database.urlOf('vorschule'),
      SESSION_SECRET: DEMO_SESSION_SECRET,
      ORIGIN: origin,
    };
    seed(env);
    writeFileSync(RUNNING, JSON.stringify(env), { mode: 0o600 });
    lifetime.onEnd(() => {
      rmSync(RUNNING, { force: true });
      return Promise.resolve();
    });
    const served = await servePages({ host: HOST, port: options.port, env, isDev: options.isDev });
    lifetime.onEnd(() => served.stop());
    say(`\nVorschule is ready: ${origin}\n\n${describeDemo()}\n\nCtrl-C stops it.`);
    const code = await watchServer(served, lifetime);
    say('\nStopping ...');
    return code;
  } finally {
    await lifetime.end();
  }
}

/** In a process of its own, since the services read their settings once from the environment. */
function seed(env: Readonly<Record<string, string>>): void {
  const isDone = existsSync(SEEDED);
  const words = ['--conditions=react-server', '--enable-source-maps', 'dist/cli.mjs', 'seed-demo'];
  if (runHere(process.execPath, [...words, ...(isDone ? ['--migrate-only'] : [])], env) !== 0) {
    throw new Advice('The demo data could not be made; the lines above say why.');
  }
  writeFileSync(SEEDED, '');
}
