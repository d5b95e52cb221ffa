import { getDb } from '../db';

/** A database that has said nothing for so long is as good as away. */
const PATIENCE_MS = 800;

/** What is wrong; undefined when the database answers. Known within a second, whatever the database does. */
export async function findTrouble(): Promise<'database-away' | 'database-silent' | undefined> {
  let timer: NodeJS.Timeout | undefined;
  const silence = new Promise<'database-silent'>((resolve) => {
    timer = setTimeout(() => resolve('database-silent'), PATIENCE_MS);
  });
  const answer = getDb()
    // Not a reading, which would be asked again.
    .raw('DO 1')
    // Any failure means the same here; the cause is in the database's own log.
    .then(
      () => undefined,
      () => 'database-away' as const,
    );
  try {
    return await Promise.race([answer, silence]);
  } finally {
    clearTimeout(timer);
  }
}
