import type { Metadata } from 'next';
import { redirect } from 'next/navigation';
import { connection } from 'next/server';
import { isSetUp, listWaitingClubs } from '@/server/services/setUpClub';
import { Brand } from '../../_parts/Brand';
import pages from '@/ui/theme/page.module.css';
import { setUp } from './actions';
import { SetUpForm } from './_parts/SetUpForm';
import * as doorText from '@/text/screens/door';

export const metadata: Metadata = { title: doorText.setUp };

export default async function SetUpPage() {
  await connection();
  if ((await isSetUp()) && (await listWaitingClubs()).length === 0) redirect('/');
  return (
    <main className={pages.narrow}>
      <Brand />
      <h1>{doorText.setUpYourClub}</h1>
      <p>{doorText.codeHelp}</p>
      <SetUpForm action={setUp} />
    </main>
  );
}
