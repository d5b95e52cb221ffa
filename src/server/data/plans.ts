import { MOST_LISTED } from '@/contracts/bounds';
import { segmentsSchema, type PlanSummary, type Segment } from '@/contracts/lessons';
import type { ClassId, PlanId } from '@/contracts/ids';
import { columnsOf, findRow, findValue, insertRow, listRows, parsed, type Db, type Selected } from '../db';

export interface PlanRecord extends PlanSummary {
  readonly revision: number;
  readonly segments: readonly Segment[];
}

const PLAN_COLUMNS = columnsOf({
  planId: 'lesson_plans.id',
  classId: 'lesson_plans.class_id',
  className: 'classes.name',
  title: 'lesson_plans.title',
  segments: parsed('lesson_plans.segments', (stored) => segmentsSchema.parse(stored)),
  revision: 'lesson_plans.revision',
});

const toPlan = (row: Selected<typeof PLAN_COLUMNS>): PlanRecord => ({
  ...row,
  minutes: row.segments.reduce((sum, { minutes }) => sum + minutes, 0),
});

const plansWithClass = (db: Db) => db('lesson_plans').join('classes', 'classes.id', 'lesson_plans.class_id');

export async function createPlan(
  db: Db,
  input: {
    readonly classId: ClassId;
    readonly title: string;
    readonly segments: readonly Segment[];
    readonly requestId: string;
    readonly now: Date;
  },
): Promise<PlanId> {
  return insertRow(db, 'lesson_plans', {
    class_id: input.classId,
    title: input.title,
    segments: JSON.stringify(input.segments),
    created_at: input.now,
    request_id: input.requestId,
  });
}

export async function findPlanByRequest(db: Db, requestId: string): Promise<PlanId | undefined> {
  return findValue(db('lesson_plans').where({ request_id: requestId }), 'lesson_plans.id');
}

export async function findPlan(db: Db, planId: PlanId): Promise<PlanRecord | undefined> {
  const row = await findRow(plansWithClass(db).where('lesson_plans.id', planId), PLAN_COLUMNS);
  return row && toPlan(row);
}

/** The newest first. */
export async function listPlans(db: Db, classIds: readonly ClassId[]): Promise<PlanRecord[]> {
  const newest = plansWithClass(db)
    .whereIn('lesson_plans.class_id', [...classIds])
    .orderBy('lesson_plans.id', 'desc')
    .limit(MOST_LISTED);
  return (await listRows(newest, PLAN_COLUMNS)).map(toPlan);
}

/** Saves over this revision alone; false when somebody has saved meanwhile. */
export async function updatePlan(
  db: Db,
  { planId, revision }: { readonly planId: PlanId; readonly revision: number },
  changed: { readonly title: string; readonly segments: readonly Segment[] },
): Promise<boolean> {
  const count = await db('lesson_plans')
    .where({ id: planId, revision })
    .update({
      title: changed.title,
      segments: JSON.stringify(changed.segments),
      revision: revision + 1,
    });
  return count === 1;
}

/** Lessons that had it have none. */
export async function deletePlan(db: Db, planId: PlanId): Promise<void> {
  await db('lessons').where({ plan_id: planId }).update({ plan_id: null });
  await db('lesson_plans').where({ id: planId }).delete();
}
