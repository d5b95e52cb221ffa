import type { Metadata } from 'next';
import type { Route } from 'next';
import Link from 'next/link';
import { listOutbox } from '@/server/services/outbox';
import { dayText } from '@/text';
import { RemoveMail } from '@/ui/panels/reports/RemoveMail';
import reports from '@/ui/panels/reports/Reports.module.css';
import { LinkButton } from '../../../_parts/LinkButton';
import { NewestOnly } from '../../../_parts/NewestOnly';
import styles from '../../../_parts/pages.module.css';
import { getPageCoach } from '../../_parts/coachPage';
import { removeMailAction } from './actions';
import * as clubText from '@/text/screens/club';

export const metadata: Metadata = { title: clubText.outbox };

export default async function OutboxPage() {
  const mails = await listOutbox(await getPageCoach());
  return (
    <>
      <div className={styles.head}>
        <div>
          <h1>{clubText.outbox}</h1>
          <span className={styles.soft}>{clubText.outboxHelp}</span>
        </div>
        <LinkButton href="/club" variant="default">
          {clubText.club}
        </LinkButton>
      </div>
      <section className={styles.card}>
        <h2>{clubText.inTheOutbox}</h2>
        {mails.length === 0 && (
          <p className={styles.soft} style={{ margin: 0 }}>
            {clubText.outboxEmpty}
          </p>
        )}
        <ul className={reports.mails}>
          {mails.map(({ mailId, to, subject, writtenAt, writtenBy }) => (
            <li key={mailId}>
              <span>
                <Link href={`/club/outbox/${mailId}` as Route}>{subject}</Link>
                <br />
                <span className={styles.soft}>
                  {clubText.writtenBy(to, writtenBy, dayText(writtenAt.slice(0, 10)))}
                </span>
              </span>
              <RemoveMail mailId={mailId} subject={subject} onRemove={removeMailAction} />
            </li>
          ))}
        </ul>
        <NewestOnly count={mails.length} />
      </section>
    </>
  );
}
