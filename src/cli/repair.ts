/** `vorschule repair`: tells what state a schema is in, and finishes a start that was broken off. Starting again does the same; this says more. */
import { breakSchemaLock, closeDb, describeSchema, getDb } from '@/server/db';
import { prepareDatabase } from '@/server/services/schema';
import { closePool } from '@/workers/node';
import { say } from './say';

export async function repairHere({ isForced }: { isForced: boolean }): Promise<number> {
  try {
    const { missing, lock } = await describeSchema(getDb());
    if (lock !== undefined) {
      const seconds = Math.round(lock.silentMs / 1000);
      say(`The schema is kept by ${lock.owner.split(',')[0] ?? ''}, last heard of ${seconds} s ago.`);
      if (isForced) await breakSchemaLock(getDb());
    }
    say(
      missing.length === 0
        ? 'No step of the schema is missing.'
        : `Steps that are missing: ${missing.join(', ')}.`,
    );
    await prepareDatabase(say);
    say('The schema is complete, and what is worked out from the answers is as it should be.');
    return 0;
  } finally {
    await closePool();
    await closeDb();
  }
}
