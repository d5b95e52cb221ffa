import { DEMO_SESSION_SECRET, getEnv } from '@/server/env';
import { makeSetUpCode } from '@/server/auth/secrets';
import { closeDb } from '@/server/db';
import { prepareDatabase } from '@/server/services/schema';
import { isSetUp, listWaitingClubs } from '@/server/services/setUpClub';
import { buildWhenStale } from './build';
import { createLifetime } from './lifetime';
import { Advice, say } from './say';
import { servePages, watchServer } from './serve';
import { makeTrust } from './web/doorkeeper';

/** A secret drawn at random has more different letters than this, one made by leaning on a key has not. */
const LEAST_LETTERS = 10;

/** `vorschule start`: a real installation on its own database, until it is asked to end. */
export async function runStart(options: { host: string; port: number }): Promise<number> {
  const env = readSettings();
  const lifetime = createLifetime();
  try {
    await openDatabase();
    buildWhenStale();
    const served = await servePages({ ...options, env });
    lifetime.onEnd(() => served.stop());
    say(`Vorschule serves ${env.ORIGIN}`);
    return await watchServer(served, lifetime);
  } finally {
    await lifetime.end();
  }
}

function readSettings() {
  try {
    const { DATABASE_URL, SESSION_SECRET, ORIGIN, TRUSTED_PROXIES } = getEnv();
    if (SESSION_SECRET === DEMO_SESSION_SECRET) {
      throw new Error("SESSION_SECRET is the demo's, which everybody knows. Make one: openssl rand -hex 32");
    }
    if (new Set(SESSION_SECRET).size < LEAST_LETTERS)
      throw new Error(
        'SESSION_SECRET can be guessed: too few different letters. Make one: openssl rand -hex 32',
      );
    try {
      makeTrust(TRUSTED_PROXIES);
    } catch (cause) {
      throw new Error(
        `TRUSTED_PROXIES should hold addresses or networks with commas between them: ${String(cause)}`,
        { cause },
      );
    }
    return { DATABASE_URL, SESSION_SECRET, ORIGIN, TRUSTED_PROXIES };
  } catch (cause) {
    throw new Advice(cause instanceof Error ? cause.message : String(cause), { cause });
  }
}

async function openDatabase(): Promise<void> {
  try {
    await prepareDatabase(say);
    if (!(await isSetUp())) {
      say(`There is no club yet. Open ${getEnv().ORIGIN}/set-up and enter this code: ${makeSetUpCode()}`);
    }
    for (const { clubId, name } of await listWaitingClubs())
      say(`${name} has no lead yet. Open ${getEnv().ORIGIN}/set-up with this code: ${makeSetUpCode(clubId)}`);
  } catch (cause) {
    const reason = cause instanceof Error ? cause.message : String(cause);
    throw new Advice(`The database of DATABASE_URL could not be prepared: ${reason}`, { cause });
  } finally {
    await closeDb();
  }
}
