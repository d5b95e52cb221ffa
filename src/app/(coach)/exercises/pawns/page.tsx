import type { Metadata } from 'next';
import { PawnTable } from '@/ui/panels/pawns/PawnTable';
import { LinkButton } from '../../../_parts/LinkButton';
import styles from '../../../_parts/pages.module.css';
import { getPageCoach } from '../../_parts/coachPage';
import * as exercisesText from '@/text/screens/exercises';

export const metadata: Metadata = { title: 'Pawns only' };

/** The pawns-only game in front of the class. */
export default async function PawnsPage() {
  await getPageCoach();
  return (
    <>
      <div className={styles.head}>
        <span className={styles.soft}>{exercisesText.twoChildrenAtScreen}</span>
        <LinkButton href="/exercises" variant="default">
          {exercisesText.backExercises}
        </LinkButton>
      </div>
      <PawnTable owner="coach" />
    </>
  );
}
