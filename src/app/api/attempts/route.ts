import { newAttemptSchema } from '@/contracts/attempts';
import type { ServiceFault } from '@/contracts/faults';
import { runAsStudent } from '@/server/auth/access';
import { storeAttempt } from '@/server/services/seat';
import { faultText } from '@/text';

/**
 * Not this student's round: on a shared tablet somebody else has signed in meanwhile. The seat then keeps the answer until its
 * own student is back, so these must not look like an answer that can never be stored.
 */
const STATUSES: Partial<Record<ServiceFault['code'], number>> = {
  'access/not-signed-in': 401,
  'access/not-allowed': 403,
  'round/not-found': 403,
};

/** Stores one attempt of the signed-in student; the same client id twice stores once. */
export async function POST(request: Request): Promise<Response> {
  const result = await runAsStudent(newAttemptSchema, await readJson(request), storeAttempt);
  if (result.ok) return Response.json(result.value);
  const { code } = result.error;
  return Response.json({ code, message: faultText(result.error) }, { status: STATUSES[code] ?? 400 });
}

/** The longest answer there can be is far below this. */
const MOST_BYTES = 256 * 1024;

/** Undefined for what is too long or no JSON: the schema then names what is missing. No more is read than an answer can be. */
async function readJson(request: Request): Promise<unknown> {
  const decoder = new TextDecoder();
  let text = '';
  let bytes = 0;
  try {
    for await (const chunk of request.body ?? []) {
      const part = chunk as Uint8Array;
      bytes += part.length;
      if (bytes > MOST_BYTES) return undefined;
      text += decoder.decode(part, { stream: true });
    }
    return JSON.parse(text + decoder.decode());
  } catch {
    // Not JSON, or the connection broke off while it came.
    return undefined;
  }
}
