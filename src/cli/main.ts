import { runCommand } from './commands';
import { Advice, say, UsageAdvice } from './say';

// A reader that has seen enough closes the pipe: that is no failure of ours.
process.stdout.on('error', (error: NodeJS.ErrnoException) => {
  if (error.code !== 'EPIPE') throw error;
  process.exit(0);
});

/** The database cannot be reached or lets nobody in: that is for whoever owns it, and a stack would tell them nothing. */
const AWAY_CODES = [
  'ECONNREFUSED',
  'ENOTFOUND',
  'ETIMEDOUT',
  'ECONNRESET',
  'PROTOCOL_CONNECTION_LOST',
  'ER_ACCESS_DENIED_ERROR',
  'ER_DBACCESS_DENIED_ERROR',
  'ER_BAD_DB_ERROR',
];

function isDatabaseAway(error: unknown): error is Error {
  return error instanceof Error && 'code' in error && AWAY_CODES.includes(String(error.code));
}

try {
  process.exitCode = await runCommand(process.argv.slice(2));
} catch (error) {
  if (isDatabaseAway(error)) say(`The database of DATABASE_URL cannot be used: ${error.message}`);
  else if (error instanceof Advice) say(error.message);
  else throw error;
  process.exitCode = error instanceof UsageAdvice ? 2 : 1;
}
