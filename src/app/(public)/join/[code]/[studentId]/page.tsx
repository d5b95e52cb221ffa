import type { Metadata } from 'next';
import Link from 'next/link';
import { redirect } from 'next/navigation';
import { KeyPad } from '@/ui/forms/KeyPad';
import { openJoinPageHere } from '../../_parts/openJoinPageHere';
import { openSeat } from '../../actions';
import { ForgetSeat } from '@/ui/offline';
import pages from '@/ui/theme/page.module.css';
import * as doorText from '@/text/screens/door';

const COUNT_WORDS: Readonly<Record<number, string>> = { 3: 'three', 4: 'four', 5: 'five' };

export const metadata: Metadata = { title: doorText.yourPictures };

export default async function KeyPage({ params }: PageProps<'/join/[code]/[studentId]'>) {
  const { code, studentId } = await params;
  const page = await openJoinPageHere(code);
  const student = page.students.find((card) => String(card.studentId) === studentId);
  if (student === undefined) redirect(`/join/${page.joinCode}`);
  return (
    <main className={pages.seatPage}>
      <ForgetSeat />
      <h1 style={{ margin: '0 0 0.25rem' }}>{doorText.hello(student.name)}</h1>
      <p style={{ margin: 0 }}>
        {doorText.tapYourPicturesInOrder(COUNT_WORDS[student.keyLength] ?? student.keyLength)}
      </p>
      <KeyPad
        joinCode={page.joinCode}
        studentId={student.studentId}
        keyLength={student.keyLength}
        onKey={openSeat}
      />
      <Link className={pages.quietLink} href={`/join/${page.joinCode}`}>
        {doorText.notMyName}
      </Link>
    </main>
  );
}
