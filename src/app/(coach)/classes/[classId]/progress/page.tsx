import type { Metadata } from 'next';
import { notFound } from 'next/navigation';
import { classIdSchema } from '@/contracts/ids';
import { parseInput } from '@/server/auth/parseInput';
import { getClassProgress } from '@/server/services/classProgress';
import { countText } from '@/text';
import { ClassProgressPanel } from '@/ui/panels/progress/ClassProgressPanel';
import { LinkButton } from '../../../../_parts/LinkButton';
import pages from '@/ui/theme/page.module.css';
import { getPageCoach } from '../../../_parts/coachPage';
import * as classesText from '@/text/screens/classes';

export const metadata: Metadata = { title: classesText.progressClass };

export default async function ClassProgressPage({ params }: PageProps<'/classes/[classId]/progress'>) {
  const actor = await getPageCoach();
  const classId = parseInput(classIdSchema, (await params).classId);
  const page = classId.ok ? await getClassProgress(actor, classId.value) : classId;
  if (!page.ok) notFound();
  const { className, termName, students } = page.value;
  return (
    <>
      <div className={pages.head}>
        <div>
          <h1>{classesText.progressOf(className)}</h1>
          <span className={pages.soft}>
            {termName}, {countText(students.length, 'child')}
          </span>
        </div>
        <LinkButton href={`/classes/${page.value.classId}`} variant="default">
          {classesText.theClass}
        </LinkButton>
      </div>
      <ClassProgressPanel progress={page.value} />
    </>
  );
}
