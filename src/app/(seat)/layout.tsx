import type { ReactNode } from 'react';
import { findStudentActor } from '@/server/auth/access';
import { getSeatWords } from '@/server/services/houseWords';
import { HouseWordsProvider } from '@/ui/words';
import styles from '../_parts/pages.module.css';

/** Every page of the seat speaks the words of the student's class; who may be here each page asks itself. */
export default async function SeatLayout({ children }: { children: ReactNode }) {
  const actor = await findStudentActor();
  const page = <main className={styles.seat}>{children}</main>;
  if (actor === undefined) return page;
  return <HouseWordsProvider spoken={await getSeatWords(actor)}>{page}</HouseWordsProvider>;
}
