/** What is done before the port opens, so that the first who come do not wait until everything is compiled. */
import { once } from 'node:events';
import { createServer, type RequestListener } from 'node:http';
import type { AddressInfo } from 'node:net';
import { rehearseAnswers } from '@/server/services/rehearsal';

/** Answers are rehearsed for so long. */
const REHEARSAL_MS = 3000;
/** A start may take so much longer for it, whatever a slow machine or a database that hangs makes of it. */
const PATIENCE_MS = 8000;
/** Where a class comes in, and what its devices ask. */
const FIRST_PAGES = ['/join', '/sign-in', '/seat', '/api/seat/news'];
const TIMES = 5;

/** Asks for the first pages over a port of its own that nobody else knows, and rehearses answers. */
export async function warmUp(take: RequestListener): Promise<void> {
  const server = createServer(take).listen(0, '127.0.0.1');
  try {
    await once(server, 'listening');
    const { port } = server.address() as AddressInfo;
    const isLate = AbortSignal.timeout(PATIENCE_MS);
    await Promise.race([
      rehearseAnswers(REHEARSAL_MS).then(() => askForPages(port, isLate)),
      once(isLate, 'abort'),
    ]);
  } catch {
    // A database that is away now may be there again for the first who come; whoever asks before is told so.
  } finally {
    server.close();
    server.closeAllConnections();
  }
}

async function askForPages(port: number, signal: AbortSignal): Promise<void> {
  for (let time = 0; time < TIMES; time += 1)
    for (const page of FIRST_PAGES) {
      const response = await fetch(`http://127.0.0.1:${port}${page}`, { redirect: 'manual', signal });
      await response.arrayBuffer();
    }
}
