import type { Metadata } from 'next';
import { librarySearchSchema } from '@/contracts/library';
import { listOwnClasses } from '@/server/services/classes';
import { listOwnClubPatterns } from '@/server/services/clubPatterns';
import { searchLibrary } from '@/server/services/library';
import { listOwnSets } from '@/server/services/sets';
import { LibraryPanel } from '@/ui/panels/library/LibraryPanel';
import { LinkButton } from '../../../_parts/LinkButton';
import pages from '@/ui/theme/page.module.css';
import { getPageCoach } from '../../_parts/coachPage';
import { addSetAction, addStoredAction } from '../actions';
import * as setsText from '@/text/screens/sets';

export const metadata: Metadata = { title: setsText.library };

export default async function LibraryPage({ searchParams }: PageProps<'/sets/library'>) {
  const actor = await getPageCoach();
  const { into, ...query } = await searchParams;
  // An address somebody has written by hand may hold anything: what makes no sense is no filter.
  const asked = librarySearchSchema.safeParse(query);
  const search = asked.success ? asked.data : librarySearchSchema.parse({});
  const [sets, classes, ours, answer] = await Promise.all([
    listOwnSets(actor),
    listOwnClasses(actor),
    listOwnClubPatterns(actor),
    searchLibrary(actor, search),
  ]);
  const found = answer.ok ? answer.value : { total: 0, pages: 1, items: [] };
  // The set one comes from stands first.
  const chosen = sets.toSorted((one, other) => Number(isInto(other, into)) - Number(isInto(one, into)));
  return (
    <>
      <div className={pages.head}>
        <div>
          <h1>{setsText.library}</h1>
          <span className={pages.soft}>{setsText.libraryHelp}</span>
        </div>
        <div className={pages.row}>
          <LinkButton href="/sets/compose" variant="default">
            {setsText.composePuzzles}
          </LinkButton>
          <LinkButton href="/sets" variant="default">
            {setsText.allSets}
          </LinkButton>
        </div>
      </div>
      <LibraryPanel
        search={search}
        found={found}
        into={typeof into === 'string' ? into : undefined}
        sets={chosen.map(({ setId, name }) => ({ setId, name }))}
        ours={ours}
        classes={classes.map(({ classId, name }) => ({ classId, name }))}
        actions={{ addSet: addSetAction, addStored: addStoredAction }}
      />
    </>
  );
}

const isInto = ({ setId }: { readonly setId: number }, into: unknown) => String(setId) === into;
