import { z } from 'zod';
import { success } from '@/core/shared';
import { runAsStudent } from '@/server/auth/access';
import { getSeatNews } from '@/server/services/live';
import { respondWithJson } from '../../../_parts/respondWithJson';

/** What the seat hears of a lesson that runs. */
export async function GET(): Promise<Response> {
  return respondWithJson(
    await runAsStudent(z.undefined(), undefined, async (actor) => success(await getSeatNews(actor))),
  );
}
