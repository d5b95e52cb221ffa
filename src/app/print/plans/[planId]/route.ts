import { planIdSchema } from '@/contracts/ids';
import { planSheetSchema } from '@/contracts/print';
import { runAsCoach } from '@/server/auth/access';
import { parseInput } from '@/server/auth/parseInput';
import { printPlan } from '@/server/services/plans';
import { readQuery, respondWithFile } from '../../../_parts/respond';

/** A lesson plan on paper. */
export async function GET(
  request: Request,
  { params }: RouteContext<'/print/plans/[planId]'>,
): Promise<Response> {
  const { planId } = await params;
  return respondWithFile(
    await runAsCoach(planSheetSchema, readQuery(request), async (actor, sheet) => {
      const id = parseInput(planIdSchema, planId);
      return id.ok ? printPlan(actor, id.value, sheet) : id;
    }),
  );
}
