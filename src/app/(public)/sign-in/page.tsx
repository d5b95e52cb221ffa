import type { Metadata } from 'next';
import { redirect } from 'next/navigation';
import { findCoachActor } from '@/server/auth/access';
import { Brand } from '../../_parts/Brand';
import pages from '@/ui/theme/page.module.css';
import { signIn } from './actions';
import { SignInForm } from './_parts/SignInForm';
import * as doorText from '@/text/screens/door';

export const metadata: Metadata = { title: doorText.signIn };

export default async function SignInPage() {
  if ((await findCoachActor()) !== undefined) redirect('/desk');
  return (
    <main className={pages.narrow}>
      <Brand />
      <h1>{doorText.signInAsCoach}</h1>
      <SignInForm action={signIn} />
    </main>
  );
}
