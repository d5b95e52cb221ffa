import type { Metadata } from 'next';
import { listOwnClasses } from '@/server/services/classes';
import { getClubPage } from '@/server/services/clubs';
import { listOwnSets } from '@/server/services/sets';
import { PuzzleMaker } from '@/ui/panels/puzzles/PuzzleMaker';
import { LinkButton } from '../../../_parts/LinkButton';
import styles from '../../../_parts/pages.module.css';
import { getPageCoach } from '../../_parts/coachPage';
import { addPuzzleAction, addSetAction, findSeenAction } from '../actions';

export const metadata: Metadata = { title: 'Compose puzzles' };

export default async function ComposePage() {
  const actor = await getPageCoach();
  const [sets, classes, { settings }] = await Promise.all([
    listOwnSets(actor),
    listOwnClasses(actor),
    getClubPage(actor),
  ]);
  return (
    <>
      <div className={styles.head}>
        <div>
          <h1>Compose puzzles</h1>
          <span className={styles.soft}>Say what you want, keep what you like, and put it into a set.</span>
        </div>
        <LinkButton href="/sets" variant="default">
          All sets
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
