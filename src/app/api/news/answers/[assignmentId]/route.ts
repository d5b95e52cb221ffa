import { assignmentIdSchema } from '@/contracts/ids';
import { runAsCoach } from '@/server/auth/access';
import { getAnswersNews } from '@/server/services/news';
import { respondWithJson } from '../../../../_parts/respondWithJson';

/** Whether there is news for the answers to what was given. */
export async function GET(
  _request: Request,
  { params }: RouteContext<'/api/news/answers/[assignmentId]'>,
): Promise<Response> {
  const { assignmentId } = await params;
  return respondWithJson(await runAsCoach(assignmentIdSchema, assignmentId, getAnswersNews));
}
