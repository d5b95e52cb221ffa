/** `vorschule rebuild`: what is derived from the stored answers, worked out anew. */
import { closeDb } from '@/server/db';
import { rebuildProgress } from '@/server/services/progress';
import { rebuildRatings } from '@/server/services/ratings';
import { say } from './say';

export async function rebuildHere(): Promise<void> {
  try {
    const { students, changed } = await rebuildProgress();
    say(`${students} children looked at; the figures of ${changed} were others before.`);
    say(`Ratings: ${(await rebuildRatings()) ? 'some were others before' : 'all were the same'}.`);
  } finally {
    await closeDb();
  }
}
