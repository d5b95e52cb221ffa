/** `vorschule backup FILE`: everything the database holds, as it was at one moment, while it is used. */
import { createWriteStream, existsSync, renameSync, rmSync } from 'node:fs';
import { finished, pipeline } from 'node:stream/promises';
import { createGzip } from 'node:zlib';
import { closeDb, describeSchema, getDb, NOTED_STEPS, SCHEMA_LOCK, withSchemaLock } from '@/server/db';
import { getEnv } from '@/server/env';
import { Advice, say } from '../say';
import { makeHead, makeSealer } from './backupFile';
import { readClientSettings, startClient, waitForClient, type ClientSettings } from './clients';

export async function backupHere(file: string): Promise<void> {
  if (existsSync(file)) throw new Advice(`${file} is there already. Give another name.`);
  const part = `${file}.part`;
  try {
    // No step of the schema may be done while it is written down.
    await withSchemaLock(
      getDb(),
      () => writeBackup(part),
      ({ owner }) => {
        say(`A start is at work on this database (${owner.split(',')[0] ?? ''}); waiting for it ...`);
      },
    );
    renameSync(part, file);
    say(`Saved to ${file}. It holds the names of children: keep it where only you can read it.`);
  } finally {
    rmSync(part, { force: true });
    await closeDb();
  }
}

async function writeBackup(part: string): Promise<void> {
  const { done } = await describeSchema(getDb());
  const step = done.at(-1);
  if (step === undefined)
    throw new Advice('This database holds nothing of Vorschule: there is nothing to save.');
  const settings = readClientSettings(getEnv().DATABASE_URL);
  const sealer = makeSealer();
  // Readable by its owner alone, from the first byte on.
  const file = createWriteStream(part, { flags: 'w', mode: 0o600, flush: true });
  const written = pipeline(sealer, createGzip(), file);
  const dumped = async () => {
    sealer.write(makeHead({ version: 1, madeAt: new Date().toISOString(), step }));
    const others = [SCHEMA_LOCK, NOTED_STEPS].map((table) => `--ignore-table=${settings.schema}.${table}`);
    await dumpInto(sealer, settings, [...others, settings.schema]);
    // Last: a restore that is broken off has then noted nothing, and no start takes half for the whole.
    await dumpInto(sealer, settings, [settings.schema, NOTED_STEPS]);
    sealer.end();
  };
  try {
    await Promise.all([dumped(), written]);
  } catch (cause) {
    sealer.destroy();
    await Promise.allSettled([written]);
    throw new Advice(`The backup broke off: ${cause instanceof Error ? cause.message : String(cause)}`, {
      cause,
    });
  }
}

async function dumpInto(
  to: NodeJS.WritableStream,
  settings: ClientSettings,
  words: readonly string[],
): Promise<void> {
  const dump = startClient('mariadb-dump', settings, [
    '--single-transaction',
    '--quick',
    '--skip-lock-tables',
    '--no-tablespaces',
    '--hex-blob',
    '--skip-comments',
    ...words,
  ]);
  const ended = waitForClient(dump);
  if (dump.stdout === null) throw new Error('mariadb-dump has no output');
  dump.stdout.pipe(to, { end: false });
  // Nobody takes it any more, for example because the disk is full: its program would wait for ever.
  to.once('close', () => dump.kill());
  await Promise.all([ended, finished(dump.stdout, { cleanup: true })]);
}
