import type { Metadata } from 'next';
import { listOwnClasses } from '@/server/services/classes';
import { getClubPage } from '@/server/services/clubs';
import { listOwnSets } from '@/server/services/sets';
import { PuzzleMaker } from '@/ui/panels/puzzles/PuzzleMaker';
import { LinkButton } from '../../../_parts/LinkButton';
import pages from '@/ui/theme/page.module.css';
import { getPageCoach } from '../../_parts/coachPage';
import { addPuzzleAction, addSetAction, findSeenAction } from '../actions';
import * as setsText from '@/text/screens/sets';

export const metadata: Metadata = { title: setsText.composePuzzles };

export default async function ComposePage() {
  const actor = await getPageCoach();
  const [sets, classes, { settings }] = await Promise.all([
    listOwnSets(actor),
    listOwnClasses(actor),
    getClubPage(actor),
  ]);
  return (
    <>
      <div className={pages.head}>
        <div>
          <h1>{setsText.composePuzzles}</h1>
          <span className={pages.soft}>{setsText.composeHelp}</span>
        </div>
        <LinkButton href="/sets" variant="default">
          {setsText.allSets}
        </LinkButton>
      </div>
      <PuzzleMaker
        sets={sets.map(({ setId, name }) => ({ setId, name }))}
        classes={classes.map(({ classId, name }) => ({ classId, name }))}
        areLooseNamesShown={settings.areLooseNamesShown}
        actions={{ addSet: addSetAction, addPuzzle: addPuzzleAction, findSeen: findSeenAction }}
      />
    </>
  );
}
