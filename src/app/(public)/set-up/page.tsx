import type { Metadata } from 'next';
import { redirect } from 'next/navigation';
import { connection } from 'next/server';
import { isSetUp, listWaitingClubs } from '@/server/services/setUpClub';
import { Brand } from '../../_parts/Brand';
import styles from '../../_parts/pages.module.css';
import { setUp } from './actions';
import { SetUpForm } from './_parts/SetUpForm';

export const metadata: Metadata = { title: 'Set up' };

export default async function SetUpPage() {
  await connection();
  if ((await isSetUp()) && (await listWaitingClubs()).length === 0) redirect('/');
  return (
    <main className={styles.narrow}>
      <Brand />
      <h1>Set up your club</h1>
      <p>Whoever runs this installation has the code. It is shown in the terminal.</p>
      <SetUpForm action={setUp} />
    </main>
  );
}
