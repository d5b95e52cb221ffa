import { z } from 'zod';
import { newAttemptSchema } from '@/contracts/attempts';
import { runAsStudent } from '@/server/auth/access';
import { storeOrTell } from '@/server/services/refusedAnswers';
import { storeAttempt } from '@/server/services/seat';
import { readJson } from '../../_parts/readJson';
import { respondWithJson } from '../../_parts/respondWithJson';

/** Stores one attempt of the signed-in student; the same client id twice stores once. */
export async function POST(request: Request): Promise<Response> {
  const stored = await runAsStudent(z.unknown(), await readJson(request), (actor, body) =>
    storeOrTell(actor, body, newAttemptSchema, storeAttempt),
  );
  return respondWithJson(stored);
}
