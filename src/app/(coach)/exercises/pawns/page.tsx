import type { Metadata } from 'next';
import { PawnTable } from '@/ui/panels/pawns/PawnTable';
import { LinkButton } from '../../../_parts/LinkButton';
import styles from '../../../_parts/pages.module.css';
import { getPageCoach } from '../../_parts/coachPage';

export const metadata: Metadata = { title: 'Pawns only' };

/** The pawns-only game in front of the class. */
export default async function PawnsPage() {
  await getPageCoach();
  return (
    <>
      <div className={styles.head}>
        <span className={styles.soft}>
          For two children at this screen, or one against the app. Nothing is stored.
        </span>
        <LinkButton href="/exercises" variant="default">
          Back to the exercises
        </LinkButton>
      </div>
      <PawnTable owner="coach" />
    </>
  );
}
