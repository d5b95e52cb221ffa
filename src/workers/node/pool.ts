import path from 'node:path';
import { Piscina } from 'piscina';
import type { MakeMateTaskQuestion, MateTaskAnswer } from '../protocol';

export type PoolAnswer = MateTaskAnswer | { readonly kind: 'busy' };

/** Questions waiting beyond this are refused at once rather than left hanging. */
const MOST_WAITING = 64;
const MOST_THREADS = 2;

let pool: Piscina | undefined;

function getPool(): Piscina {
  pool ??= new Piscina({
    filename: path.join(/*turbopackIgnore: true*/ process.cwd(), 'dist-workers', 'poolWorker.mjs'),
    maxQueue: MOST_WAITING,
    minThreads: 1,
    maxThreads: MOST_THREADS,
  });
  return pool;
}

/** Asks the worker threads; the calling thread never computes. 'busy' when too many questions wait. */
export async function askPool(question: MakeMateTaskQuestion): Promise<PoolAnswer> {
  const threads = getPool();
  if (threads.queueSize >= MOST_WAITING) return { kind: 'busy' };
  return (await threads.run(question)) as MateTaskAnswer;
}

/** Ends the threads once their work is done. */
export async function closePool(): Promise<void> {
  const closing = pool;
  pool = undefined;
  await closing?.close();
}
