import { getDb } from '../db';

/** Does the database answer? */
export async function isHealthy(): Promise<boolean> {
  try {
    await getDb().raw('SELECT 1');
    return true;
  } catch {
    // Any failure means the same here: not healthy. The cause is in the database's own log.
    return false;
  }
}
