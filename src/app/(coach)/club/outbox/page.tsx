import type { Metadata } from 'next';
import type { Route } from 'next';
import Link from 'next/link';
import { listOutbox } from '@/server/services/outbox';
import { dayText } from '@/text';
import { RemoveEmail } from '@/ui/panels/reports/RemoveEmail';
import reports from '@/ui/panels/reports/Reports.module.css';
import { LinkButton } from '../../../_parts/LinkButton';
import { NewestOnly } from '../../../_parts/NewestOnly';
import pages from '@/ui/theme/page.module.css';
import { getPageCoach } from '../../_parts/coachPage';
import { removeEmailAction } from './actions';
import * as clubText from '@/text/screens/club';

export const metadata: Metadata = { title: clubText.outbox };

export default async function OutboxPage() {
  const emails = await listOutbox(await getPageCoach());
  return (
    <>
      <div className={pages.head}>
        <div>
          <h1>{clubText.outbox}</h1>
          <span className={pages.soft}>{clubText.outboxHelp}</span>
        </div>
        <LinkButton href="/club" variant="default">
          {clubText.club}
        </LinkButton>
      </div>
      <section className={pages.card}>
        <h2>{clubText.inTheOutbox}</h2>
        {emails.length === 0 && (
          <p className={pages.soft} style={{ margin: 0 }}>
            {clubText.outboxEmpty}
          </p>
        )}
        <ul className={reports.emails}>
          {emails.map(({ emailId, to, subject, writtenAt, writtenBy }) => (
            <li key={emailId}>
              <span>
                <Link href={`/club/outbox/${emailId}` as Route}>{subject}</Link>
                <br />
                <span className={pages.soft}>
                  {clubText.writtenBy(to, writtenBy, dayText(writtenAt.slice(0, 10)))}
                </span>
              </span>
              <RemoveEmail emailId={emailId} subject={subject} onRemove={removeEmailAction} />
            </li>
          ))}
        </ul>
        <NewestOnly count={emails.length} />
      </section>
    </>
  );
}
