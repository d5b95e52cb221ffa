import type { ReactNode } from 'react';
import { findStudentActor } from '@/server/auth/access';
import { getSeatWords } from '@/server/services/houseWords';
import { KeepSeat } from '@/ui/offline';
import { HouseWordsProvider } from '@/ui/words';
import styles from './layout.module.css';

/** Every page of the seat speaks the words of the student's class; who may be here each page asks itself. */
export default async function SeatLayout({ children }: { children: ReactNode }) {
  const actor = await findStudentActor();
  if (actor === undefined) return <main className={styles.seat}>{children}</main>;
  return (
    <HouseWordsProvider spoken={await getSeatWords(actor)}>
      <main className={styles.seat}>
        {children}
        <KeepSeat studentId={actor.studentId} />
      </main>
    </HouseWordsProvider>
  );
}
