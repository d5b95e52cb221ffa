/**
 * A backup is one file that needs no program of ours: SQL, compressed by gzip ("zcat FILE | mariadb SCHEMA" reads it). Its first line, a
 * comment, says what it is; its last one holds the SHA-256 of everything before it, so that half a file or a changed one is known before
 * anything is written to a database.
 */
import { createHash } from 'node:crypto';
import { createReadStream } from 'node:fs';
import { Transform } from 'node:stream';
import { pipeline } from 'node:stream/promises';
import { createGunzip } from 'node:zlib';
import { z } from 'zod/mini';
import { Advice } from '../say';

const HEAD = '-- vorschule-backup ';
const SEAL = '\n-- sha256 ';
const SEAL_BYTES = SEAL.length + 64 + 1;
const MOST_HEAD_BYTES = 10_000;

const headSchema = z.object({
  /** Of this format. */
  version: z.literal(1),
  madeAt: z.iso.datetime(),
  /** The last step of the schema that is noted in it; nothing in an empty one. */
  step: z.string(),
});
export type BackupHead = z.infer<typeof headSchema>;

export function makeHead(head: BackupHead): string {
  return `${HEAD}${JSON.stringify(head)}\n`;
}

/** Passes everything on and writes the seal behind it. */
export function makeSealer(): Transform {
  const hash = createHash('sha256');
  return new Transform({
    transform(chunk: Buffer, _encoding, done) {
      hash.update(chunk);
      done(undefined, chunk);
    },
    flush(done) {
      done(undefined, `${SEAL}${hash.digest('hex')}\n`);
    },
  });
}

/** Reads the whole file once; advice when it is not a backup, not whole, or was changed. */
export async function checkBackup(file: string): Promise<BackupHead> {
  const hash = createHash('sha256');
  let begin = Buffer.alloc(0);
  let kept = Buffer.alloc(0);
  const look = new Transform({
    transform(chunk: Buffer, _encoding, done) {
      if (begin.length < MOST_HEAD_BYTES) begin = Buffer.concat([begin, chunk]).subarray(0, MOST_HEAD_BYTES);
      const held = Buffer.concat([kept, chunk]);
      const cut = Math.max(0, held.length - SEAL_BYTES);
      hash.update(held.subarray(0, cut));
      kept = held.subarray(cut);
      done();
    },
  });
  try {
    await pipeline(createReadStream(file), createGunzip(), look.resume());
  } catch (cause) {
    throw new Advice(`${file} cannot be read to its end: ${tellOf(cause)}. Nothing was changed.`, { cause });
  }
  const head = readHead(begin.toString('utf8'));
  if (head === undefined) throw new Advice(`${file} is no backup of Vorschule. Nothing was changed.`);
  if (kept.toString('utf8') !== `${SEAL}${hash.digest('hex')}\n`)
    throw new Advice(`${file} is not whole, or was changed since it was made. Nothing was changed.`);
  return head;
}

function tellOf(cause: unknown): string {
  return cause instanceof Error ? cause.message : String(cause);
}

function readHead(text: string): BackupHead | undefined {
  const line = text.slice(0, text.indexOf('\n'));
  if (!line.startsWith(HEAD)) return undefined;
  try {
    return headSchema.safeParse(JSON.parse(line.slice(HEAD.length))).data;
  } catch {
    // JSON.parse has no other way to say that it is none.
    return undefined;
  }
}
