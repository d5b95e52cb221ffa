import { logEvent } from '../log';

/** Waiting for a connection for longer is worth a line in the log. */
const POOL_WAIT_MS = 500;

/** What the pool of knex (the package `tarn`) tells of itself. */
export interface PoolEvents {
  on(event: 'acquireRequest' | 'acquireSuccess' | 'acquireFail', listen: (request: number) => void): void;
}

/** Notes every request that waited long for a connection, whether it got one in the end or not. */
export function watchPool(pool: PoolEvents): void {
  const asked = new Map<number, number>();
  const end = (request: number) => {
    const waitedMs = Math.round(performance.now() - (asked.get(request) ?? Infinity));
    asked.delete(request);
    if (waitedMs > POOL_WAIT_MS) logEvent({ event: 'pool-waited', waitedMs });
  };
  pool.on('acquireRequest', (request) => asked.set(request, performance.now()));
  pool.on('acquireSuccess', end);
  pool.on('acquireFail', end);
}
