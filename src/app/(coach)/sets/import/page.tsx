import type { Metadata } from 'next';
import { listOwnSets } from '@/server/services/sets';
import { ImportPanel } from '@/ui/panels/import/ImportPanel';
import { LinkButton } from '../../../_parts/LinkButton';
import pages from '@/ui/theme/page.module.css';
import { getPageCoach } from '../../_parts/coachPage';
import { addPuzzleAction, addSetAction, findStoredAction } from '../actions';
import * as setsText from '@/text/screens/sets';

export const metadata: Metadata = { title: setsText.importPositions };

export default async function ImportPage() {
  const sets = await listOwnSets(await getPageCoach());
  return (
    <>
      <div className={pages.head}>
        <div>
          <h1>{setsText.importPositions}</h1>
          <span className={pages.soft}>{setsText.importHelp}</span>
        </div>
        <LinkButton href="/sets" variant="default">
          {setsText.allSets}
        </LinkButton>
      </div>
      <ImportPanel
        sets={sets.map(({ setId, name }) => ({ setId, name }))}
        actions={{ addSet: addSetAction, addPuzzle: addPuzzleAction, findStored: findStoredAction }}
      />
    </>
  );
}
