import type { Metadata } from 'next';
import { getClubPage } from '@/server/services/clubs';
import { listOwnSets } from '@/server/services/sets';
import { TryExercises } from '@/ui/panels/exercises/TryExercises';
import { LinkButton } from '../../_parts/LinkButton';
import styles from '../../_parts/pages.module.css';
import { getPageCoach } from '../_parts/coachPage';
import { addRoundAction, addSetAction } from '../sets/actions';
import * as exercisesText from '@/text/screens/exercises';

export const metadata: Metadata = { title: 'Exercises' };

export default async function ExercisesPage() {
  const actor = await getPageCoach();
  const sets = await listOwnSets(actor);
  const { settings } = await getClubPage(actor);
  return (
    <>
      <div className={styles.head}>
        <div>
          <h1>{exercisesText.exercises}</h1>
          <span className={styles.soft}>{exercisesText.tryAnyExerciseAs}</span>
        </div>
        <LinkButton href="/exercises/pawns" variant="default">
          {exercisesText.playPawnsOnly}
        </LinkButton>
      </div>
      <TryExercises
        values={settings.values}
        ways={settings.ways}
        sets={sets.map(({ setId, name }) => ({ setId, name }))}
        actions={{ addRound: addRoundAction, addSet: addSetAction }}
      />
    </>
  );
}
