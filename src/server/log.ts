/**
 * The server's log: a line of JSON for each event (the package `pino`), on the error output of the process. Lines that belong to one request
 * carry its number, which its answer carries too (`X-Request-Id`).
 */
import { AsyncLocalStorage } from 'node:async_hooks';
import pino, { type DestinationStream } from 'pino';
import type { LogEvent } from '@/contracts/logEvents';
import { logText } from '@/text';

interface Logging {
  readonly requests: AsyncLocalStorage<string>;
  write: (event: LogEvent) => void;
}

/** The pages are bundled apart from the server they run in, each with a copy of this module: what they share lies with the process. */
const SHARED = Symbol.for('vorschule.log');
const shared = globalThis as { [SHARED]?: Logging };

function getLogging(): Logging {
  return (shared[SHARED] ??= {
    requests: new AsyncLocalStorage<string>(),
    write: () => undefined,
  });
}

const LEVELS = {
  'database-away': 'error',
  'database-back': 'info',
  'database-retried': 'warn',
  'pool-waited': 'warn',
  stalled: 'warn',
  'request-failed': 'error',
  'process-ended': 'error',
} as const satisfies Record<LogEvent['event'], pino.Level>;

/** Writes events as lines of this stream. */
export function makeWriter(stream: DestinationStream): (event: LogEvent) => void {
  const logger = pino(
    {
      base: { pid: process.pid },
      timestamp: pino.stdTimeFunctions.isoTime,
      formatters: { level: (label) => ({ level: label }) },
      serializers: { error: pino.stdSerializers.err },
    },
    stream,
  );
  return (event) => {
    const requestId = getLogging().requests.getStore();
    logger[LEVELS[event.event]](
      { ...event, ...(requestId === undefined ? {} : { requestId }) },
      logText(event),
    );
  };
}

/** From now on this process writes its log. Until then nothing is written: a command answers whoever gave it in sentences. */
export function startLog(write = makeWriter(openErrorOutput())): void {
  getLogging().write = write;
}

/** Written at once: the last line of a process that dies is the one that is wanted. */
const openErrorOutput = () => pino.destination({ fd: 2, sync: true });

/** Notes an event, with the request it belongs to. */
export function logEvent(event: LogEvent): void {
  getLogging().write(event);
}

/** Runs the work for a request with this number. */
export function runForRequest<Value>(requestId: string, work: () => Value): Value {
  return getLogging().requests.run(requestId, work);
}

/** The part of an address that says which page or route it is: ids, codes and what was typed are left out. */
export function routeOf(url: string): string {
  const path = url.split(/[?#]/, 1)[0] ?? '';
  return path
    .split('/')
    .map((part) => (/^[a-z-]*$/.test(part) ? part : '*'))
    .join('/');
}
