import knex, { type Knex } from 'knex';
import { getEnv } from '../env';
import { patientClient } from './patientClient';
import { hasErrno, isLost, retryDeadlocks } from './retry';
import './tables';
import { watchPool, type PoolEvents } from './watchPool';

/** A connection or a transaction; every data function takes one first. */
export type Db = Knex;

/** No statement runs, and none waits for a lock, for longer; in seconds. */
const SESSION_LIMITS = 'SET SESSION max_statement_time = 60, innodb_lock_wait_timeout = 10';

/** Opens a pool. Moments are UTC and BIGINT never loses digits. */
function openDb(url: string): Knex {
  const db = knex({
    client: patientClient,
    connection: {
      uri: url,
      timezone: 'Z',
      supportBigNumbers: true,
      charset: 'utf8mb4',
      connectTimeout: 2000,
    },
    pool: {
      min: 0,
      max: 10,
      afterCreate: (
        connection: { query: (sql: string, done: (error: unknown) => void) => void },
        done: (error: unknown, made: unknown) => void,
      ) => {
        connection.query(SESSION_LIMITS, (error) => done(error, connection));
      },
    },
    // The log holds what was asked, never what was written: names, answers, the hash of a password.
    compileSqlOnError: false,
    // More ask at once than there are connections: they wait their turn.
    acquireConnectionTimeout: 15_000,
    // A failed connection rejects the query that wanted it; a second telling with a stack helps nobody.
    log: { warn: () => undefined, error: () => undefined },
  });
  const { pool } = db.client as { readonly pool: PoolEvents };
  watchPool(pool);
  return db;
}

/** The server's one pool, opened at first use. */
export function getDb(): Knex {
  pool ??= openDb(getEnv().DATABASE_URL);
  return pool;
}
let pool: Knex | undefined;

/** Ends the pool; the next use opens it anew. */
export async function closeDb(): Promise<void> {
  const closing = pool;
  pool = undefined;
  await closing?.destroy();
}

const DUPLICATE_ERRNO = 1062;

/** The connection was lost after the commit was sent: nobody knows what became of it, unless the work finds its own request again. */
class CommitUnknown extends Error {}

/** Is this the database's refusal of a second row with the same unique value? */
export function isDuplicateError(error: unknown): boolean {
  return hasErrno(error, [DUPLICATE_ERRNO]);
}

/**
 * Runs the work in one transaction, again from its start when it is certain that nothing was stored (a deadlock, a connection that broke
 * before the commit), so the work must not have other effects.
 */
export function withTransaction<Value>(work: (db: Db) => Promise<Value>): Promise<Value> {
  return retryDeadlocks(async () => {
    const reached = { end: false };
    try {
      return await getDb().transaction(async (db) => {
        const value = await work(db);
        reached.end = true;
        return value;
      });
    } catch (error) {
      if (reached.end && isLost(error))
        throw new CommitUnknown('The commit was not answered.', { cause: error });
      throw error;
    }
  });
}

/**
 * A transaction that stores something under a unique id. When another request stores the same first, or when nobody knows whether it was
 * stored, the work runs once more and then finds what is there.
 */
export async function storeOnce<Value>(work: (db: Db) => Promise<Value>): Promise<Value> {
  try {
    return await withTransaction(work);
  } catch (error) {
    if (!isDuplicateError(error) && !(error instanceof CommitUnknown)) throw error;
    return withTransaction(work);
  }
}
