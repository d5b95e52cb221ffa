import type { Metadata } from 'next';
import { notFound } from 'next/navigation';
import { listAuditLog } from '@/server/services/records';
import { AUDIT_WORDS } from '@/text';
import { LinkButton } from '../../../_parts/LinkButton';
import pages from '@/ui/theme/page.module.css';
import { getPageCoach } from '../../_parts/coachPage';
import * as clubText from '@/text/screens/club';

export const metadata: Metadata = { title: clubText.whoDidWhat };

export default async function AuditLogPage() {
  const entries = await listAuditLog(await getPageCoach());
  if (!entries.ok) notFound();
  return (
    <>
      <div className={pages.head}>
        <div>
          <h1>{clubText.whoDidWhat}</h1>
          <span className={pages.soft}>{clubText.auditLogHelp}</span>
        </div>
        <LinkButton href="/club" variant="default">
          {clubText.club}
        </LinkButton>
      </div>
      <div className={pages.tableWrap} tabIndex={0} role="region" aria-label={clubText.auditLog}>
        <table className={pages.table}>
          <thead>
            <tr>
              <th scope="col">{clubText.when}</th>
              <th scope="col">{clubText.who}</th>
              <th scope="col">{clubText.what}</th>
              <th scope="col">{clubText.about}</th>
            </tr>
          </thead>
          <tbody>
            {entries.value.map(({ at, who, action, about }, index) => (
              <tr key={`${at} ${index}`}>
                <td>{at.slice(0, 16).replace('T', ' ')}</td>
                <td>{who}</td>
                <td>{AUDIT_WORDS[action] ?? action}</td>
                <td>{about}</td>
              </tr>
            ))}
          </tbody>
        </table>
      </div>
    </>
  );
}
