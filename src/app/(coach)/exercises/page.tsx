import type { Metadata } from 'next';
import { getClubPage } from '@/server/services/clubs';
import { getClubTerms } from '@/server/services/houseWords';
import { listOwnSets } from '@/server/services/sets';
import { TryExercises } from '@/ui/panels/exercises/TryExercises';
import { LinkButton } from '../../_parts/LinkButton';
import pages from '@/ui/theme/page.module.css';
import { getPageCoach } from '../_parts/coachPage';
import { addRoundAction, addSetAction } from '../sets/actions';
import * as exercisesText from '@/text/screens/exercises';

export const metadata: Metadata = { title: exercisesText.exercises };

export default async function ExercisesPage() {
  const actor = await getPageCoach();
  const [sets, terms] = await Promise.all([listOwnSets(actor), getClubTerms(actor)]);
  const { settings } = await getClubPage(actor);
  return (
    <>
      <div className={pages.head}>
        <div>
          <h1>{exercisesText.exercises}</h1>
          <span className={pages.soft}>{exercisesText.exercisesHelp}</span>
        </div>
        <LinkButton href="/exercises/pawns" variant="default">
          {exercisesText.playPawnsOnly(terms)}
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
