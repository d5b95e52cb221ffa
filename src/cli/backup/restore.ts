/** `vorschule restore FILE`: what a backup holds, into an empty schema or in place of what is there, and then brought up to date. */
import { createReadStream } from 'node:fs';
import { pipeline } from 'node:stream/promises';
import { createGunzip } from 'node:zlib';
import {
  clearSchema,
  closeDb,
  countOtherConnections,
  getDb,
  isFilled,
  MIGRATIONS,
  withSchemaLock,
} from '@/server/db';
import { getEnv } from '@/server/env';
import { prepareDatabase } from '@/server/services/schema';
import { closePool } from '@/workers/node';
import { Advice, say } from '../say';
import { checkBackup } from './backupFile';
import { readClientSettings, startClient, waitForClient } from './clients';

/** `isReplacing`: what the database holds now may go. */
export async function restoreHere(
  file: string,
  { isReplacing }: { readonly isReplacing: boolean },
): Promise<void> {
  try {
    const { madeAt, step } = await checkBackup(file);
    if (!MIGRATIONS.some(({ name }) => name === step)) {
      throw new Advice(
        `${file} was made by a newer version (${step}). Bring this checkout up to date first. Nothing was changed.`,
      );
    }
    const others = await countOtherConnections(getDb());
    if (others > 0) {
      throw new Advice(
        `Somebody works on this database (${others} connections). Stop Vorschule first. Nothing was changed.`,
      );
    }
    await withSchemaLock(getDb(), async () => {
      if (!isReplacing && (await isFilled(getDb()))) {
        throw new Advice(
          'This database holds a club. Restore into an empty one, or say --replace: then what is there now goes. ' +
            'Nothing was changed.',
        );
      }
      await clearSchema(getDb());
      await readIn(file);
    });
    say(`Read in: everything as it was on ${madeAt}, step ${step}.`);
    await prepareDatabase(say);
    say('The schema is complete, and what is worked out from the answers is as it should be.');
  } finally {
    await closePool();
    await closeDb();
  }
}

async function readIn(file: string): Promise<void> {
  const settings = readClientSettings(getEnv().DATABASE_URL);
  const client = startClient('mariadb', settings, ['--batch', '--max-allowed-packet=1G', settings.schema]);
  const ended = waitForClient(client);
  if (client.stdin === null) throw new Error('mariadb has no input');
  const [fed, done] = await Promise.allSettled([
    pipeline(createReadStream(file), createGunzip(), client.stdin),
    ended,
  ]);
  // What the database said explains why its input was closed.
  const fault = done.status === 'rejected' ? done : fed;
  if (fault.status === 'fulfilled') return;
  const reason = fault.reason instanceof Error ? fault.reason.message : String(fault.reason);
  throw new Advice(
    `The backup was read in only in part: ${reason}\nNothing is served from this database now. Mend what it says, then run the ` +
      'same command again with --replace.',
  );
}
