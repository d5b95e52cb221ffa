import type { Metadata } from 'next';
import { notFound } from 'next/navigation';
import { classIdSchema } from '@/contracts/ids';
import { parseInput } from '@/server/auth/parseInput';
import { getReportsPage } from '@/server/services/reports';
import { ReportsPanel } from '@/ui/panels/reports/ReportsPanel';
import { LinkButton } from '../../../../_parts/LinkButton';
import pages from '@/ui/theme/page.module.css';
import { getPageCoach } from '../../../_parts/coachPage';
import { writeEmailAction } from '../../../club/outbox/actions';
import * as classesText from '@/text/screens/classes';

export const metadata: Metadata = { title: classesText.reportsCertificates };

export default async function ReportsPage({ params }: PageProps<'/classes/[classId]/reports'>) {
  const actor = await getPageCoach();
  const classId = parseInput(classIdSchema, (await params).classId);
  const page = classId.ok ? await getReportsPage(actor, classId.value) : classId;
  if (!page.ok) notFound();
  return (
    <>
      <div className={pages.head}>
        <div>
          <h1>{classesText.reportsCertificates}</h1>
          <span className={pages.soft}>{page.value.className}</span>
        </div>
        <div className={pages.row}>
          <LinkButton href="/club/outbox" variant="default">
            {classesText.outbox}
          </LinkButton>
          <LinkButton href={`/classes/${page.value.classId}`} variant="default">
            {classesText.theClass}
          </LinkButton>
        </div>
      </div>
      <ReportsPanel page={page.value} onEmail={writeEmailAction} />
    </>
  );
}
