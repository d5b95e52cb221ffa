import type { Metadata } from 'next';
import { notFound } from 'next/navigation';
import { classIdSchema } from '@/contracts/ids';
import { parseInput } from '@/server/auth/parseInput';
import { getClassPath } from '@/server/services/paths';
import { LinkButton } from '../../../../_parts/LinkButton';
import pages from '@/ui/theme/page.module.css';
import { getPageCoach } from '../../../_parts/coachPage';
import { saveClassPathAction, setStudentStageAction } from '../../actions';
import { PathOrder } from '@/ui/panels/path/PathOrder';
import { StudentStages } from '@/ui/panels/path/StudentStages';
import * as classesText from '@/text/screens/classes';

export const metadata: Metadata = { title: classesText.pathClass };

export default async function ClassPathPage({ params }: PageProps<'/classes/[classId]/path'>) {
  const actor = await getPageCoach();
  const classId = parseInput(classIdSchema, (await params).classId);
  const path = classId.ok ? await getClassPath(actor, classId.value) : classId;
  if (!classId.ok || !path.ok) notFound();
  return (
    <>
      <div className={pages.head}>
        <div>
          <h1>{classesText.pathClass}</h1>
          <span className={pages.soft}>{classesText.pathHelp}</span>
        </div>
        <LinkButton href={`/classes/${classId.value}`} variant="default">
          {classesText.backClass}
        </LinkButton>
      </div>
      <PathOrder classId={classId.value} stages={path.value.stages} onSave={saveClassPathAction} />
      <StudentStages
        classId={classId.value}
        stages={path.value.stages}
        students={path.value.students}
        onSave={setStudentStageAction}
      />
    </>
  );
}
