import type { Metadata } from 'next';
import Link from 'next/link';
import { openJoinPageHere } from '../_parts/openJoinPageHere';
import { ForgetSeat } from '@/ui/offline';
import pages from '@/ui/theme/page.module.css';
import styles from './names.module.css';
import * as doorText from '@/text/screens/door';

export const metadata: Metadata = { title: doorText.whoAreYou };

export default async function NameCardsPage({ params }: PageProps<'/join/[code]'>) {
  const page = await openJoinPageHere((await params).code);
  return (
    <main className={pages.seatPage}>
      <ForgetSeat />
      <p className={pages.soft} style={{ margin: 0 }}>
        {page.className}
      </p>
      <h1 style={{ margin: '0.25rem 0 0' }}>{doorText.whoAreYou}</h1>
      {page.students.length === 0 && <p>{doorText.noNames}</p>}
      <ul className={styles.nameCards}>
        {page.students.map(({ studentId, name }) => (
          <li key={studentId}>
            <Link className={styles.nameCard} href={`/join/${page.joinCode}/${studentId}`}>
              {name}
            </Link>
          </li>
        ))}
      </ul>
      <Link className={pages.quietLink} href="/join">
        {doorText.anotherClassCode}
      </Link>
    </main>
  );
}
