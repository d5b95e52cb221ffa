/** `vorschule rebuild`: what is derived from the stored answers, worked out anew. */
import { closeDb } from '@/server/db';
import { rebuildProgress } from '@/server/services/progress';
import { rebuildRatings } from '@/server/services/ratings';
import { runHere } from './processes';
import { getRunningDemo } from './running';
import { say } from './say';

/** On the database that the environment names, else on that of the demo that runs; in a process of its own, which reads its settings once. */
export function runRebuild(): number {
  const env = process.env.DATABASE_URL === undefined ? getRunningDemo() : {};
  const words = ['--conditions=react-server', '--enable-source-maps', 'dist/cli.mjs', 'rebuild-here'];
  return runHere(process.execPath, words, env);
}

export async function rebuildHere(): Promise<void> {
  try {
    const { students, changed } = await rebuildProgress();
    say(`${students} children looked at; the figures of ${changed} were others before.`);
    say(`Ratings: ${(await rebuildRatings()) ? 'some were others before' : 'all were the same'}.`);
  } finally {
    await closeDb();
  }
}
