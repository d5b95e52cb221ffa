import type { Metadata } from 'next';
import { notFound } from 'next/navigation';
import { classIdSchema } from '@/contracts/ids';
import { parseInput } from '@/server/auth/access';
import { getClassPath } from '@/server/services/paths';
import { LinkButton } from '../../../../_parts/LinkButton';
import styles from '../../../../_parts/pages.module.css';
import { getPageCoach } from '../../../_parts/coachPage';
import { saveClassPathAction } from '../../actions';
import { PathOrder } from './_parts/PathOrder';

export const metadata: Metadata = { title: 'Path of the class' };

export default async function ClassPathPage({ params }: PageProps<'/classes/[classId]/path'>) {
  const actor = await getPageCoach();
  const classId = parseInput(classIdSchema, (await params).classId);
  const stages = classId.ok ? await getClassPath(actor, classId.value) : classId;
  if (!classId.ok || !stages.ok) notFound();
  return (
    <>
      <div className={styles.head}>
        <div>
          <h1>Path of the class</h1>
          <span className={styles.soft}>
            The children see the open stages in this order. What a child can is told by its answers.
          </span>
        </div>
        <LinkButton href={`/classes/${classId.value}`} variant="default">
          Back to the class
        </LinkButton>
      </div>
      <PathOrder classId={classId.value} stages={stages.value} onSave={saveClassPathAction} />
    </>
  );
}
