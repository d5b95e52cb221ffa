/**
 * What time it is for whoever writes something down. The demo's weeks of teaching and tests of days and zones run at other moments
 * than now; everything else gets the machine's clock.
 */
import { AsyncLocalStorage } from 'node:async_hooks';

const moments = new AsyncLocalStorage<Date>();

export function getNow(): Date {
  return moments.getStore() ?? new Date();
}

/** Runs the work as if it were this moment. */
export function runAt<Value>(moment: Date, work: () => Promise<Value>): Promise<Value> {
  return moments.run(moment, work);
}
