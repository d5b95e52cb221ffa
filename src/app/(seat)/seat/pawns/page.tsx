import type { Metadata } from 'next';
import { getSeatTerms } from '@/server/services/houseWords';
import { PawnTable } from '@/ui/panels/pawns/PawnTable';
import { SeatLink } from '../../_parts/SeatLink';
import pages from '@/ui/theme/page.module.css';
import styles from './pawns.module.css';
import { getPageStudent } from '../../_parts/seatPage';
import * as seatPagesText from '@/text/screens/seatPages';

export const generateMetadata = async (): Promise<Metadata> => ({
  title: seatPagesText.pawnsOnly(await getSeatTerms(await getPageStudent())),
});

/** The pawns-only game at the seat: with a neighbour or against the app. */
export default async function SeatPawnsPage() {
  const { studentId } = await getPageStudent();
  return (
    <div className={`${pages.seatPage} ${styles.seatTable}`}>
      <div className={`${pages.head} ${styles.head}`}>
        <span />
        <SeatLink href="/seat" variant="default">
          {seatPagesText.myPlace}
        </SeatLink>
      </div>
      <PawnTable owner={String(studentId)} />
    </div>
  );
}
