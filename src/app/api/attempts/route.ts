import { newAttemptSchema } from '@/contracts/attempts';
import { runAsStudent } from '@/server/auth/access';
import { storeAttempt } from '@/server/services/seat';
import { readJson } from '../../_parts/readJson';
import { respondWithJson } from '../../_parts/respondWithJson';

/** Stores one attempt of the signed-in student; the same client id twice stores once. */
export async function POST(request: Request): Promise<Response> {
  return respondWithJson(await runAsStudent(newAttemptSchema, await readJson(request), storeAttempt));
}
