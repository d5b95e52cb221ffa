import type { Metadata } from 'next';
import { notFound } from 'next/navigation';
import { emailIdSchema } from '@/contracts/ids';
import { parseInput } from '@/server/auth/parseInput';
import { getEmailPage } from '@/server/services/outbox';
import reports from '@/ui/panels/reports/Reports.module.css';
import { LinkButton } from '../../../../_parts/LinkButton';
import pages from '@/ui/theme/page.module.css';
import { getPageCoach } from '../../../_parts/coachPage';
import * as clubText from '@/text/screens/club';

export const metadata: Metadata = { title: clubText.emailTitle };

export default async function EmailPage({ params }: PageProps<'/club/outbox/[emailId]'>) {
  const actor = await getPageCoach();
  const emailId = parseInput(emailIdSchema, (await params).emailId);
  const page = emailId.ok ? await getEmailPage(actor, emailId.value) : emailId;
  if (!page.ok) notFound();
  const { subject, to, text } = page.value;
  return (
    <>
      <div className={pages.head}>
        <div>
          <h1>{subject}</h1>
          <span className={pages.soft}>{clubText.emailTo(to)}</span>
        </div>
        <LinkButton href="/club/outbox" variant="default">
          {clubText.outbox}
        </LinkButton>
      </div>
      <section className={pages.card}>
        <h2>{clubText.whatSays}</h2>
        <pre className={reports.letter}>{text}</pre>
      </section>
      <section className={pages.card} style={{ marginTop: '1.25rem' }}>
        <h2>{clubText.file}</h2>
        <p className={pages.soft} style={{ marginTop: 0 }}>
          {clubText.fileHelp}
        </p>
        <a href={`/files/emails?emailId=${page.value.emailId}`} download>
          {clubText.saveEmail}
        </a>
      </section>
    </>
  );
}
