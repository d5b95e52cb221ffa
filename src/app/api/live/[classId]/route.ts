import { classIdSchema } from '@/contracts/ids';
import { liveNewsSchema } from '@/contracts/live';
import { runAsCoach } from '@/server/auth/access';
import { parseInput } from '@/server/auth/parseInput';
import { getLiveNews } from '@/server/services/live';
import { readQuery } from '../../../_parts/respond';
import { respondWithJson } from '../../../_parts/respondWithJson';

/** What has come in from the seats of a class since the last reading. */
export async function GET(
  request: Request,
  { params }: RouteContext<'/api/live/[classId]'>,
): Promise<Response> {
  const place = await params;
  return respondWithJson(
    await runAsCoach(liveNewsSchema, readQuery(request), (actor, query) => {
      const classId = parseInput(classIdSchema, place.classId);
      return classId.ok ? getLiveNews(actor, classId.value, query) : Promise.resolve(classId);
    }),
  );
}
