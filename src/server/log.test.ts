/** The server's log: lines of JSON, each with its request, and nothing in them that is about people. */
import type { LogEvent } from '@/contracts/logEvents';
import { retryLost } from './db/retry';
import { makeWriter, routeOf, runForRequest, startLog } from './log';

function collect() {
  const lines: string[] = [];
  const write = makeWriter({ write: (line) => void lines.push(line) });
  return { write, read: () => lines.map((line) => JSON.parse(line) as Record<string, unknown>) };
}

test('an event is one line of JSON with its time, its level and a sentence', () => {
  const { write, read } = collect();
  write({ event: 'database-away' });
  const [line] = read();
  expect(line).toMatchObject({
    level: 'error',
    event: 'database-away',
    msg: 'The database does not answer.',
  });
  expect(String(line?.time)).toMatch(/^\d{4}-\d\d-\d\dT[\d:.]+Z$/);
});

test('what happens inside a request carries its number, over every wait; what happens outside carries none', async () => {
  const { write, read } = collect();
  await runForRequest('r-1', async () => {
    await Promise.resolve();
    write({ event: 'pool-waited', waitedMs: 900 });
  });
  write({ event: 'stalled', longestMs: 250 });
  expect(read().map(({ requestId }) => requestId)).toEqual(['r-1', undefined]);
});

test('work that the database had to do again is told once, with how often and how it ended', async () => {
  const lines: LogEvent[] = [];
  const lost = () => Object.assign(new Error('lost'), { code: 'ECONNRESET' });
  let tries = 0;
  startLog((event) => lines.push(event));
  await retryLost(() => {
    tries += 1;
    return tries < 4 ? Promise.reject(lost()) : Promise.resolve('there');
  });
  expect(lines).toEqual([{ event: 'database-retried', tries: 4, code: 'ECONNRESET', isDone: true }]);
});

test('a failure is told with its stack', () => {
  const { write, read } = collect();
  write({ event: 'request-failed', method: 'GET', route: '/seat', error: new Error('broken') });
  expect(read()[0]).toMatchObject({ error: { type: 'Error', message: 'broken' } });
});

test.each([
  ['/join/LANTRN', '/join/*'],
  ['/classes/12/children/7?name=Pip', '/classes/*/children/*'],
  ['/api/seat/news', '/api/seat/news'],
  ['/desk?fen=8/8/8/8/8/8/8/8', '/desk'],
])('of %s the log says %s', (url, route) => expect(routeOf(url)).toBe(route));
