import { newAttemptSchema } from '@/contracts/attempts';
import { runAsStudent } from '@/server/auth/access';
import { storeAttempt } from '@/server/services/seat';
import { faultText } from '@/text';

/** Stores one attempt of the signed-in student; the same client id twice stores once. */
export async function POST(request: Request): Promise<Response> {
  const result = await runAsStudent(newAttemptSchema, await readJson(request), storeAttempt);
  if (result.ok) return Response.json(result.value);
  const status = result.error.code === 'access/not-signed-in' ? 401 : 400;
  return Response.json({ code: result.error.code, message: faultText(result.error) }, { status });
}

async function readJson(request: Request): Promise<unknown> {
  try {
    return await request.json();
  } catch {
    // Not JSON: the schema then names what is missing.
    return undefined;
  }
}
