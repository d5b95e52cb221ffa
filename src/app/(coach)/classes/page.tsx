import type { Metadata } from 'next';
import Link from 'next/link';
import { listOwnClasses } from '@/server/services/classes';
import { countWords } from '@/text';
import { NameForm } from '@/ui/forms/NameForm';
import styles from '../../_parts/pages.module.css';
import { getPageCoach } from '../_parts/coachPage';
import { addClassAction } from './actions';

export const metadata: Metadata = { title: 'Classes' };

export default async function ClassesPage() {
  const classes = await listOwnClasses(await getPageCoach());
  return (
    <>
      <div className={styles.head}>
        <h1>Classes</h1>
        <NameForm label="Name of a new class" button="Make a class" maxLength={60} onName={addClassAction} />
      </div>
      {classes.length === 0 && (
        <p className={styles.card}>There is no class yet. Make one, then add the children by nickname.</p>
      )}
      <ul className={styles.cards}>
        {classes.map(({ classId, name, termName, studentCount, joinCode }) => (
          <li key={classId}>
            <Link href={`/classes/${classId}`} className={`${styles.card} ${styles.cardLink}`}>
              <h2>{name}</h2>
              <span className={styles.soft}>
                {termName}, {countWords(studentCount, 'child', 'children')}
              </span>
              <br />
              Class code <strong>{joinCode}</strong>
            </Link>
          </li>
        ))}
      </ul>
    </>
  );
}
