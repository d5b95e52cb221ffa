/** What the lines of the server's log say. */
import type { LogEvent } from '@/contracts/logEvents';

export function logText(event: LogEvent): string {
  switch (event.event) {
    case 'database-away':
      return 'The database does not answer.';
    case 'database-back':
      return 'The database answers again.';
    case 'database-retried':
      return `A request to the database ${event.isDone ? 'worked' : 'failed'} after ${event.tries} tries (${event.code}).`;
    case 'pool-waited':
      return `A request waited ${event.waitedMs} ms for a connection to the database.`;
    case 'stalled':
      return `Every request waited for ${event.longestMs} ms: something ran too long at once.`;
    case 'request-failed':
      return `A request failed: ${event.method} ${event.route}`;
    case 'process-ended':
      return 'A server process ended by itself; another one takes its place.';
  }
}
