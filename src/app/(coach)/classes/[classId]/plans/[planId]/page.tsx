import type { Metadata } from 'next';
import { notFound } from 'next/navigation';
import { planIdSchema } from '@/contracts/ids';
import { parseInput } from '@/server/auth/parseInput';
import { getPlan } from '@/server/services/plans';
import { listOwnSets } from '@/server/services/sets';
import { PlanEditor } from '@/ui/panels/lessons/PlanEditor';
import { LinkButton } from '../../../../../_parts/LinkButton';
import pages from '@/ui/theme/page.module.css';
import { getPageCoach } from '../../../../_parts/coachPage';
import { savePlanAction } from '../../../lessonActions';
import * as classesText from '@/text/screens/classes';

export const metadata: Metadata = { title: classesText.lessonPlan };

export default async function PlanPage({ params }: PageProps<'/classes/[classId]/plans/[planId]'>) {
  const actor = await getPageCoach();
  const place = await params;
  const planId = parseInput(planIdSchema, place.planId);
  const [plan, sets] = await Promise.all([
    planId.ok ? getPlan(actor, planId.value) : planId,
    listOwnSets(actor),
  ]);
  if (!plan.ok || String(plan.value.classId) !== place.classId) notFound();
  const { classId, className } = plan.value;
  return (
    <>
      <div className={pages.head}>
        <div>
          <h1>{classesText.lessonPlan}</h1>
          <span className={pages.soft}>{classesText.forClass(className)}</span>
        </div>
        <div className={pages.row}>
          <a href={`/print/plans/${plan.value.planId}`} target="_blank" rel="noreferrer">
            {classesText.print}
          </a>
          <LinkButton href={`/classes/${classId}/lessons`} variant="default">
            {classesText.lessonsPlans}
          </LinkButton>
        </div>
      </div>
      <PlanEditor
        plan={plan.value}
        sets={sets.map(({ setId, name }) => ({ setId, name }))}
        onSave={savePlanAction}
      />
    </>
  );
}
