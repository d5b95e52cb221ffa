/** Brings a schema up to date like every start, and kills itself at the statement whose number it is given; at 0 it runs to its end. Run by migrations.test.ts. */
import { closeDb, getDb, migrate, withSchemaLock } from '@/server/db';

let left = Number(process.argv[2] ?? '0');
getDb().on('query', () => {
  left -= 1;
  // As by a power cut: nothing is said, undone or given back.
  if (left === 0) process.kill(process.pid, 'SIGKILL');
});
await withSchemaLock(getDb(), () => migrate(getDb()));
await closeDb();
