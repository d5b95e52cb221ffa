import path from 'node:path';
import { Piscina } from 'piscina';
import type { PrintJob } from '@/print';
import type { AnswerTo, Question } from '../protocol';

export interface Busy {
  readonly kind: 'busy';
}

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

/**
 * Asks the worker threads; the calling thread never computes. A question carries its own budget. 'busy' when too many wait;
 * `signal` ends the question and replaces its thread.
 */
export async function runInPool<Q extends Question>(
  question: Q,
  signal?: AbortSignal,
): Promise<AnswerTo<Q> | Busy> {
  const threads = getPool();
  if (threads.queueSize >= MOST_WAITING) return { kind: 'busy' };
  return (await threads.run(question, signal === undefined ? {} : { signal })) as AnswerTo<Q>;
}

/** Has the worker threads lay out a PDF. */
export async function askPrinter(
  job: PrintJob,
): Promise<{ readonly kind: 'pdf'; readonly bytes: Uint8Array } | Busy> {
  const threads = getPool();
  if (threads.queueSize >= MOST_WAITING) return { kind: 'busy' };
  return { kind: 'pdf', bytes: (await threads.run(job, { name: 'print' })) as Uint8Array };
}

/** Has a worker thread say whether a password is too easy to guess; `about` are names that stand near it. */
export async function askWeakness(password: string, about: readonly string[]): Promise<boolean | Busy> {
  const threads = getPool();
  if (threads.queueSize >= MOST_WAITING) return { kind: 'busy' };
  return (await threads.run({ password, about }, { name: 'weigh' })) as boolean;
}

/** Ends the threads once their work is done. */
export async function closePool(): Promise<void> {
  const closing = pool;
  pool = undefined;
  await closing?.close();
}
