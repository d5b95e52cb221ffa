/** What the server notes about itself, for whoever runs it. Nothing of it is about people: no names, no answers, no addresses, no codes. */
export type LogEvent =
  | { readonly event: 'database-away' }
  | { readonly event: 'database-back' }
  /** A transaction or a reading was done again, after a deadlock or a lost connection; `code` is the first reason. */
  | {
      readonly event: 'database-retried';
      readonly tries: number;
      readonly code: string;
      readonly isDone: boolean;
    }
  /** A request waited for a connection of the pool. */
  | { readonly event: 'pool-waited'; readonly waitedMs: number }
  /** Something kept every other request waiting. */
  | { readonly event: 'stalled'; readonly longestMs: number }
  /** `error`: with its stack; statements are named without their values (server/db/patientClient.ts). */
  | {
      readonly event: 'request-failed';
      readonly method: string;
      readonly route: string;
      readonly error: unknown;
    }
  | { readonly event: 'process-ended' };
