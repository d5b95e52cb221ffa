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

/** So long a piece of work is tried again: a cluster that loses a node stands still for some seconds. */
const PATIENCE_MS = 8000;
/** Tries that ran into each other would do so again if all waited as long. */
const MOST_WAIT_MS = 20;
const LONGEST_WAIT_MS = 500;
/**
 * Deadlock (1213, on a cluster also a commit that another node was quicker with), lock wait timeout (1205), a node that is not ready
 * (1047), one that shuts down (1053): nothing of the transaction was stored, so the whole may be tried again.
 */
const RETRY_ERRNOS = [1213, 1205, 1047, 1053];
/** The connection is gone, or could not be had: before the commit that means that nothing was stored. */
const LOST_CODES = ['PROTOCOL_CONNECTION_LOST', 'ECONNRESET', 'ECONNREFUSED', 'EPIPE', 'ETIMEDOUT'];
const DUPLICATE_ERRNO = 1062;

/** The connection was lost after the commit was sent: nobody knows what became of it, unless the work finds its own request again. */
class CommitUnknown extends Error {}

/** Is this the database's refusal of a second row with the same unique value? */
export function isDuplicateError(error: unknown): boolean {
  return hasErrno(error, [DUPLICATE_ERRNO]);
}

function hasErrno(error: unknown, errnos: readonly number[]): boolean {
  return error instanceof Error && 'errno' in error && errnos.includes(Number(error.errno));
}

function isLost(error: unknown): boolean {
  if (!(error instanceof Error)) return false;
  // What is asked of a connection that broke, such as to roll back, has no code, but is called fatal.
  return (
    ('code' in error && LOST_CODES.includes(String(error.code))) || ('fatal' in error && error.fatal === true)
  );
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

/** Runs the work again from its start after a deadlock or a lost connection, a little later each time. */
export async function retryDeadlocks<Value>(work: () => Promise<Value>): Promise<Value> {
  const end = performance.now() + PATIENCE_MS;
  for (let tryNumber = 1; ; tryNumber += 1) {
    try {
      return await work();
    } catch (error) {
      const mayTryAgain = hasErrno(error, RETRY_ERRNOS) || isLost(error);
      if (!mayTryAgain || performance.now() > end) throw error;
      const waitMs = randomInt(Math.min(MOST_WAIT_MS * tryNumber, LONGEST_WAIT_MS));
      await new Promise((resolve) => setTimeout(resolve, waitMs));
    }
  }
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
