import { classIdSchema } from '@/contracts/ids';
import { runAsCoach } from '@/server/auth/access';
import { getClassNews } from '@/server/services/news';
import { respondWithJson } from '../../../../_parts/respondWithJson';

/** Whether there is news for the page of a class. */
export async function GET(
  _request: Request,
  { params }: RouteContext<'/api/news/classes/[classId]'>,
): Promise<Response> {
  const { classId } = await params;
  return respondWithJson(await runAsCoach(classIdSchema, classId, getClassNews));
}
