/** What has to be true of a database before anything is served from it. */
import { schemaWaitText } from '@/text';
import { getDb, migrate, withSchemaLock } from '../db';
import { rebuildProgress } from './progress';
import { rebuildRatings } from './ratings';
import { rekeyPuzzles } from './rekey';

/** Brings the schema up to date and works out anew what is derived; of several starts at once one does it and the others wait. */
export async function prepareDatabase(tell: (text: string) => void): Promise<void> {
  await withSchemaLock(
    getDb(),
    async () => {
      await migrate(getDb());
      await rekeyPuzzles();
      await rebuildRatings();
      await rebuildProgress();
    },
    ({ owner }) => tell(schemaWaitText(owner.split(',')[0] ?? '')),
  );
}
