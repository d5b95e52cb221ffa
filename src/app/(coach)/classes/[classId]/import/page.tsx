import type { Metadata } from 'next';
import { notFound } from 'next/navigation';
import { classIdSchema } from '@/contracts/ids';
import { parseInput } from '@/server/auth/parseInput';
import { findChangeableClass } from '@/server/services/classes';
import { RosterImport } from '@/ui/panels/roster/RosterImport';
import { LinkButton } from '../../../../_parts/LinkButton';
import pages from '@/ui/theme/page.module.css';
import { getPageCoach } from '../../../_parts/coachPage';
import { addStudentsAction, readRosterAction } from '../../actions';
import * as classesText from '@/text/screens/classes';

export const metadata: Metadata = { title: classesText.childrenFromList };

export default async function RosterImportPage({ params }: PageProps<'/classes/[classId]/import'>) {
  const actor = await getPageCoach();
  const classId = parseInput(classIdSchema, (await params).classId);
  const found = classId.ok ? await findChangeableClass(actor, classId.value) : undefined;
  if (found === undefined) notFound();
  return (
    <>
      <div className={pages.head}>
        <div>
          <h1>{classesText.childrenFromList}</h1>
          <span className={pages.soft}>{classesText.importHelp(found.name)}</span>
        </div>
        <LinkButton href={`/classes/${found.classId}`} variant="default">
          {classesText.backClass}
        </LinkButton>
      </div>
      <RosterImport classId={found.classId} actions={{ read: readRosterAction, add: addStudentsAction }} />
    </>
  );
}
