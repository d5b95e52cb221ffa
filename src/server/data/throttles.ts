import { listValues, type Db } from '../db';

/** Which of these counters have reached so many tries and are not forgotten yet. */
export async function listFullCounters(
  db: Db,
  keys: readonly string[],
  { points, nowMs }: { readonly points: number; readonly nowMs: number },
): Promise<string[]> {
  if (keys.length === 0) return [];
  const full = db('throttles')
    .whereIn('key', [...keys])
    .where('points', '>=', points)
    .where('expire', '>', nowMs);
  return listValues(full, 'throttles.key');
}
