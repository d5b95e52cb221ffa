/**
 * Knex's client for MariaDB, but a reading outside of a transaction is asked again when the connection broke or the node was not ready: on a
 * cluster that loses a node a page waits a moment instead of failing. What writes is tried again by its transaction. And what failed is said
 * without what was to be written: names, answers, the hash of a password.
 */
import type { Knex } from 'knex';
import MySql2Client from 'knex/lib/dialects/mysql2/index.js';
import { retryLost } from './retry';

interface Runner {
  run(): Promise<unknown>;
}

/** What knex runs: a built query, or SQL as it is. */
interface Runnable {
  readonly _method?: string;
  readonly sql?: unknown;
}

const READING_METHODS = ['select', 'first', 'pluck'];

function isReading({ _method: method, sql }: Runnable): boolean {
  if (method !== undefined) return READING_METHODS.includes(method);
  return typeof sql === 'string' && /^\s*SELECT\b/i.test(sql);
}

class PatientClient extends MySql2Client {
  /** Set by knex on the client of a transaction. */
  declare readonly transacting?: boolean;

  override runner(builder: Runnable): Runner {
    const runner = super.runner(builder);
    if (this.transacting === true || !isReading(builder)) return runner;
    // Each try has a runner, and with it a connection, of its own.
    return Object.assign(runner, { run: retrying(() => super.runner(builder), runner) });
  }

  override async _query(connection: unknown, query: unknown): Promise<unknown> {
    try {
      return await super._query(connection, query);
    } catch (error) {
      // The driver puts the whole statement there, with every value, and a log would print it.
      if (error instanceof Error && 'sql' in error) delete error.sql;
      throw error;
    }
  }
}

function retrying(makeRunner: () => Runner, first: Runner): () => Promise<unknown> {
  let next: Runner | undefined = first;
  const runs = new WeakMap([[first, first.run.bind(first)]]);
  return () =>
    retryLost(() => {
      const runner = next ?? makeRunner();
      next = undefined;
      return (runs.get(runner) ?? runner.run.bind(runner))();
    });
}

/** To be given to knex. */
export const patientClient = PatientClient as unknown as typeof Knex.Client;
