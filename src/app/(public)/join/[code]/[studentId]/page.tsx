import type { Metadata } from 'next';
import Link from 'next/link';
import { redirect } from 'next/navigation';
import { KeyPad } from '@/ui/forms/KeyPad';
import { openJoinPageHere } from '../../_parts/openJoinPageHere';
import { openSeat } from '../../actions';
import styles from '../../../../_parts/pages.module.css';

export const metadata: Metadata = { title: 'Your three pictures' };

export default async function KeyPage({ params }: PageProps<'/join/[code]/[studentId]'>) {
  const { code, studentId } = await params;
  const page = await openJoinPageHere(code);
  const student = page.students.find((card) => String(card.studentId) === studentId);
  if (student === undefined) redirect(`/join/${page.joinCode}`);
  return (
    <main className={styles.seatPage}>
      <h1 style={{ margin: '0 0 0.25rem' }}>Hello {student.name}.</h1>
      <p style={{ margin: 0 }}>Tap your three pictures, one after another.</p>
      <KeyPad joinCode={page.joinCode} studentId={student.studentId} onKey={openSeat} />
      <Link className={styles.quietLink} href={`/join/${page.joinCode}`}>
        That is not my name
      </Link>
    </main>
  );
}
