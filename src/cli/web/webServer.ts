/** The web server: the production build, or pages from their sources while one works on them, behind our own door, until it is asked to end. */
import { createServer, type IncomingMessage, type Server, type ServerResponse } from 'node:http';
import { monitorEventLoopDelay } from 'node:perf_hooks';
import next from 'next';
import { v4 as makeUuid } from 'uuid';
import { SEAT_WORKER } from '@/contracts/seatCaches';
import { watchDatabase } from '@/server/db';
import { getEnv } from '@/server/env';
import { logEvent, routeOf, runForRequest, startLog } from '@/server/log';
import { waitForLeash } from '../processes';
import { findRefusal, makeHeaders, makeTrust, tellWhoAsks, type DoorSettings } from './doorkeeper';
import { answerSeat, findSeatRoute } from './seatDoor';
import { warmUp } from './warmUp';

/** So long requests that run may go on after the server was asked to end. */
const DRAIN_MS = 5000;
/** A request that keeps all others waiting for longer is worth a line in the log. */
const STALL_MS = 200;
const LOOK_MS = 1000;
/** A head that does not come, or a body that drips, holds no connection for longer. */
const HEADERS_TIMEOUT_MS = 10_000;
const REQUEST_TIMEOUT_MS = 60_000;

export async function runWebServer({
  host,
  port,
  isDev,
}: {
  host: string;
  port: number;
  isDev: boolean;
}): Promise<void> {
  // Whoever read the log may be gone: what nobody can hear is no reason to fail, over and over.
  for (const log of [process.stdout, process.stderr]) log.on('error', () => undefined);
  startLog();
  const { ORIGIN, TRUSTED_PROXIES } = getEnv();
  const door: DoorSettings = { origin: ORIGIN, isTrusted: makeTrust(TRUSTED_PROXIES) };
  const pending = new Set<ServerResponse>();
  const database = watchDatabase((isAnswering) => {
    logEvent({ event: isAnswering ? 'database-back' : 'database-away' });
    if (!isAnswering) for (const response of pending) refuseForNow(response);
  });
  const app = next({ dev: isDev, dir: process.cwd(), hostname: host, port });
  await app.prepare();
  const handle = app.getRequestHandler();
  const take = (request: IncomingMessage, response: ServerResponse) => {
    const { nonce, headers } = makeHeaders(request.url ?? '', ORIGIN, isDev);
    for (const [name, value] of Object.entries(headers)) response.setHeader(name, value);
    const refusal = findRefusal(request, door);
    if (refusal !== undefined) {
      response.writeHead(refusal.status, {
        'content-type': 'text/plain; charset=utf-8',
        connection: 'close',
      });
      response.end(refusal.text);
      return;
    }
    if (!database.isAnswering() && !needsNoDatabase(request.url ?? '')) {
      refuseForNow(response);
      return;
    }
    pending.add(response);
    response.once('close', () => pending.delete(response));
    tellWhoAsks(request, door);
    // Next finds the number in the policy and gives it to its own scripts; our layout reads it here.
    request.headers['x-nonce'] = nonce;
    request.headers['content-security-policy'] = headers['Content-Security-Policy'];
    const requestId = makeUuid();
    response.setHeader('X-Request-Id', requestId);
    const seatRoute = findSeatRoute(request.url ?? '');
    const answered = runForRequest(requestId, () =>
      seatRoute === undefined ? handle(request, response) : answerSeat(seatRoute, request, response),
    );
    answered.catch((error: unknown) => {
      logEvent({
        event: 'request-failed',
        method: request.method ?? '',
        route: routeOf(request.url ?? ''),
        error,
      });
      if (!response.headersSent) response.writeHead(500);
      response.end();
    });
  };
  if (!isDev) await warmUp(take);
  const server = createServer(take);
  // Over this a page learns that its source has changed.
  if (isDev) {
    const upgrade = app.getUpgradeHandler();
    server.on('upgrade', (...request) => void upgrade(...request));
  }
  server.headersTimeout = HEADERS_TIMEOUT_MS;
  server.requestTimeout = REQUEST_TIMEOUT_MS;
  await new Promise<void>((resolve, reject) => {
    server.once('error', reject);
    server.listen(port, host, resolve);
  });
  watchStalls();
  await waitForEnd();
  await drain(server);
  database.stop();
  // The database pool and the threads that pages opened have nothing left to do.
  process.exit(0);
}

/** What is a file of ours, and the question how we are. */
const needsNoDatabase = (url: string) =>
  url.startsWith('/_next/') || url === '/api/health' || url === '/icon.svg' || url === SEAT_WORKER;

/** Says at once that nothing can be fetched or stored now, rather than nothing at all; devices keep their answers and send them again. */
function refuseForNow(response: ServerResponse): void {
  if (response.headersSent || response.writableEnded) return;
  response.writeHead(503, {
    'content-type': 'text/plain; charset=utf-8',
    'retry-after': '2',
    connection: 'close',
  });
  response.end('Vorschule cannot reach its data at the moment. Nothing is lost: try again soon.');
}

/** Warns when something kept every other request waiting. */
function watchStalls(): void {
  const delays = monitorEventLoopDelay({ resolution: 20 });
  delays.enable();
  setInterval(() => {
    const longestMs = Math.round(delays.max / 1e6);
    if (longestMs > STALL_MS) logEvent({ event: 'stalled', longestMs });
    delays.reset();
  }, LOOK_MS).unref();
}

/** Asked to end by a signal, or whoever started us is gone. */
export async function waitForEnd(): Promise<void> {
  const signalled = new Promise<void>((resolve) => {
    for (const signal of ['SIGINT', 'SIGTERM'] as const) process.once(signal, () => resolve());
  });
  await Promise.race([signalled, waitForLeash()]);
}

/** Takes nobody new, lets what runs come to its end, and ends what does not. */
async function drain(server: Server): Promise<void> {
  const closed = new Promise<void>((resolve) => server.close(() => resolve()));
  // Clients that ask again and again keep their connections open for it.
  const timer = setInterval(() => server.closeIdleConnections(), 50);
  const late = setTimeout(() => server.closeAllConnections(), DRAIN_MS);
  await closed;
  clearInterval(timer);
  clearTimeout(late);
}
