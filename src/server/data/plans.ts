import { MOST_LISTED } from '@/contracts/bounds';
import { segmentsSchema, type PlanSummary, type Segment } from '@/contracts/lessons';
import type { ClassId, PlanId } from '@/contracts/ids';
import type { Db } from '../db';

export interface PlanRecord extends PlanSummary {
  readonly revision: number;
  readonly segments: readonly Segment[];
}

interface PlanRow {
  id: number;
  class_id: number;
  class_name: string;
  title: string;
  segments: unknown;
  revision: number;
}

function toPlan(row: PlanRow): PlanRecord {
  const segments = segmentsSchema.parse(row.segments);
  return {
    planId: row.id as PlanId,
    classId: row.class_id as ClassId,
    className: row.class_name,
    title: row.title,
    revision: row.revision,
    segments,
    minutes: segments.reduce((sum, { minutes }) => sum + minutes, 0),
  };
}

/** A fresh builder; it never leaves this file. */
const selectPlans = (db: Db) =>
  db('lesson_plans')
    .join('classes', 'classes.id', 'lesson_plans.class_id')
    .select(
      'lesson_plans.id',
      'lesson_plans.class_id',
      'classes.name as class_name',
      'lesson_plans.title',
      'lesson_plans.segments',
      'lesson_plans.revision',
    );

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
  const [id] = await db('lesson_plans').insert({
    class_id: input.classId,
    title: input.title,
    segments: JSON.stringify(input.segments),
    created_at: input.now,
    request_id: input.requestId,
  });
  return id as PlanId;
}

export async function findPlanByRequest(db: Db, requestId: string): Promise<PlanId | undefined> {
  const row = await db('lesson_plans').where({ request_id: requestId }).first('id');
  return row?.id as PlanId | undefined;
}

export async function findPlan(db: Db, planId: PlanId): Promise<PlanRecord | undefined> {
  const row: PlanRow | undefined = await selectPlans(db).where('lesson_plans.id', planId).first();
  return row && toPlan(row);
}

/** The newest first. */
export async function listPlans(db: Db, classIds: readonly ClassId[]): Promise<PlanRecord[]> {
  const rows: PlanRow[] = await selectPlans(db)
    .whereIn('lesson_plans.class_id', [...classIds])
    .orderBy('lesson_plans.id', 'desc')
    .limit(MOST_LISTED);
  return rows.map(toPlan);
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
