import { EventEmitter } from 'node:events';
import type { LogEvent } from '@/contracts/logEvents';
import { startLog } from '../log';
import { watchPool } from './watchPool';

/** A pool whose clock stands where it is put. */
function watch() {
  const lines: LogEvent[] = [];
  startLog((event) => lines.push(event));
  const pool = new EventEmitter();
  const now = jest.spyOn(performance, 'now');
  const tell = (event: string, request: number, atMs: number) => {
    now.mockReturnValue(atMs);
    pool.emit(event, request);
  };
  watchPool(pool);
  return { lines, tell };
}

afterEach(() => jest.restoreAllMocks());

test('a request that waits long for a connection is told once, each by its own wait', () => {
  const { lines, tell } = watch();
  tell('acquireRequest', 1, 0);
  tell('acquireRequest', 2, 100);
  tell('acquireSuccess', 2, 200);
  tell('acquireSuccess', 1, 900);
  expect(lines).toEqual([{ event: 'pool-waited', waitedMs: 900 }]);
});

test('one that gets none in the end is told too', () => {
  const { lines, tell } = watch();
  tell('acquireRequest', 1, 0);
  tell('acquireFail', 1, 15_000);
  expect(lines).toEqual([{ event: 'pool-waited', waitedMs: 15_000 }]);
});
