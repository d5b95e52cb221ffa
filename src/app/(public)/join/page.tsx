import type { Metadata } from 'next';
import { ForgetSeat } from '@/ui/offline';
import { Brand } from '../../_parts/Brand';
import pages from '@/ui/theme/page.module.css';
import { openClass } from './actions';
import { CodeForm } from './_parts/CodeForm';
import * as doorText from '@/text/screens/door';

export const metadata: Metadata = { title: doorText.classCode };

export default function JoinPage() {
  return (
    <main className={pages.narrow} style={{ fontSize: '1.125rem' }}>
      <ForgetSeat />
      <Brand />
      <h1>{doorText.whatIsYourCode}</h1>
      <CodeForm action={openClass} />
    </main>
  );
}
