/** What may be asked of the database again after a failure, and for how long. */
import { randomInt } from 'node:crypto';
import { logEvent } from '../log';

/** So long a piece of work is tried again: a cluster that loses a node stands still for some seconds. */
const PATIENCE_MS = 8000;
/** Tries that ran into each other would do so again if all waited as long. */
const MOST_WAIT_MS = 20;
const LONGEST_WAIT_MS = 500;
/** A node that is not ready (1047), one that shuts down (1053): it did nothing. */
const AWAY_ERRNOS = [1047, 1053];
/**
 * Deadlock (1213, on a cluster also a commit that another node was quicker with), lock wait timeout (1205): nothing of the transaction was
 * stored, so the whole may be tried again.
 */
const UNDONE_ERRNOS = [1213, 1205, ...AWAY_ERRNOS];
/** The connection is gone, or could not be had: before the commit that means that nothing was stored. */
const LOST_CODES = ['PROTOCOL_CONNECTION_LOST', 'ECONNRESET', 'ECONNREFUSED', 'EPIPE', 'ETIMEDOUT'];

/** Is this one of the database's refusals with these numbers? */
export function hasErrno(error: unknown, errnos: readonly number[]): boolean {
  return error instanceof Error && 'errno' in error && errnos.includes(Number(error.errno));
}

/** Did the connection break? */
export function isLost(error: unknown): boolean {
  if (!(error instanceof Error)) return false;
  // What is asked of a connection that broke, such as to roll back, has no code, but is called fatal.
  const isFatal = 'fatal' in error && error.fatal === true && !('errno' in error);
  return isFatal || ('code' in error && LOST_CODES.includes(String(error.code)));
}

/** Runs the work again from its start after a deadlock or a lost connection, a little later each time. */
export function retryDeadlocks<Value>(work: () => Promise<Value>): Promise<Value> {
  return retryWhile((error) => hasErrno(error, UNDONE_ERRNOS) || isLost(error), work);
}

/** Asks again when the connection broke or the node was not ready. */
export function retryLost<Value>(work: () => Promise<Value>): Promise<Value> {
  return retryWhile((error) => hasErrno(error, AWAY_ERRNOS) || isLost(error), work);
}

async function retryWhile<Value>(
  mayTryAgain: (error: unknown) => boolean,
  work: () => Promise<Value>,
): Promise<Value> {
  const end = performance.now() + PATIENCE_MS;
  let reason: unknown;
  for (let tryNumber = 1; ; tryNumber += 1) {
    try {
      const value = await work();
      if (tryNumber > 1) note(tryNumber, reason, true);
      return value;
    } catch (error) {
      reason ??= error;
      if (!mayTryAgain(error) || performance.now() > end) {
        if (tryNumber > 1) note(tryNumber, reason, false);
        throw error;
      }
      const waitMs = randomInt(Math.min(MOST_WAIT_MS * tryNumber, LONGEST_WAIT_MS));
      await new Promise((resolve) => setTimeout(resolve, waitMs));
    }
  }
}

function note(tries: number, reason: unknown, isDone: boolean): void {
  const code = reason instanceof Error && 'code' in reason ? String(reason.code) : 'an error without a code';
  logEvent({ event: 'database-retried', tries, code, isDone });
}
