import { randomInt } from 'node:crypto';
import knex, { type Knex } from 'knex';
import { getEnv } from '../env';
import './tables';

/** A connection or a transaction; every data function takes one first. */
export type Db = Knex;

/** No statement runs, and none waits for a lock, for longer; in seconds. */
const SESSION_LIMITS = 'SET SESSION max_statement_time = 60, innodb_lock_wait_timeout = 10';

/** Opens a pool. Moments are UTC and BIGINT never loses digits. */
function openDb(url: string): Knex {
  return knex({
    client: 'mysql2',
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
    // More ask at once than there are connections: they wait their turn.
    acquireConnectionTimeout: 15_000,
    // A failed connection rejects the query that wanted it; a second telling with a stack helps nobody.
    log: { warn: () => undefined, error: () => undefined },
  });
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

const MOST_TRIES = 8;
/** Tries that ran into each other would do so again if all waited as long. */
const MOST_WAIT_MS = 20;
/** Deadlock (1213) and lock wait timeout (1205): the whole transaction may be tried again. */
const RETRY_ERRNOS = [1213, 1205];
const DUPLICATE_ERRNO = 1062;

/** Is this the database's refusal of a second row with the same unique value? */
export function isDuplicateError(error: unknown): boolean {
  return hasErrno(error, [DUPLICATE_ERRNO]);
}

function hasErrno(error: unknown, errnos: readonly number[]): boolean {
  return error instanceof Error && 'errno' in error && errnos.includes(Number(error.errno));
}

/** Runs the work in one transaction, again from the start after a deadlock, so the work must not have other effects. */
export function withTransaction<Value>(work: (db: Db) => Promise<Value>): Promise<Value> {
  return retryDeadlocks(() => getDb().transaction(work));
}

/** Runs the work again from its start after a deadlock, a little later each time. */
export async function retryDeadlocks<Value>(work: () => Promise<Value>): Promise<Value> {
  for (let tryNumber = 1; ; tryNumber += 1) {
    try {
      return await work();
    } catch (error) {
      if (tryNumber >= MOST_TRIES || !hasErrno(error, RETRY_ERRNOS)) throw error;
      await new Promise((resolve) => setTimeout(resolve, randomInt(MOST_WAIT_MS * tryNumber)));
    }
  }
}

/**
 * A transaction that stores something under a unique id. When another request stores the same first, the work runs once more
 * and then finds what the other one stored.
 */
export async function storeOnce<Value>(work: (db: Db) => Promise<Value>): Promise<Value> {
  try {
    return await withTransaction(work);
  } catch (error) {
    if (!isDuplicateError(error)) throw error;
    return withTransaction(work);
  }
}
