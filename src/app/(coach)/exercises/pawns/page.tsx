import type { Metadata } from 'next';
import { getClubTerms } from '@/server/services/houseWords';
import { PawnTable } from '@/ui/panels/pawns/PawnTable';
import { LinkButton } from '../../../_parts/LinkButton';
import pages from '@/ui/theme/page.module.css';
import { getPageCoach } from '../../_parts/coachPage';
import * as exercisesText from '@/text/screens/exercises';

export const generateMetadata = async (): Promise<Metadata> => ({
  title: exercisesText.pawnsOnly(await getClubTerms(await getPageCoach())),
});

/** The pawns-only game in front of the class. */
export default async function PawnsPage() {
  await getPageCoach();
  return (
    <>
      <div className={pages.head}>
        <span className={pages.soft}>{exercisesText.pawnsOnlyHelp}</span>
        <LinkButton href="/exercises" variant="default">
          {exercisesText.backToExercises}
        </LinkButton>
      </div>
      <PawnTable owner="coach" />
    </>
  );
}
