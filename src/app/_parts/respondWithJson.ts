import type { ServiceFault } from '@/contracts/faults';
import type { Result } from '@/core/shared';
import { faultText } from '@/text';

/**
 * Not this student's round: on a shared tablet somebody else has signed in meanwhile. The seat then keeps the answer until its
 * own student is back, so these must not look like an answer that can never be stored.
 */
const STATUSES: Partial<Record<ServiceFault['code'], number>> = {
  'access/not-signed-in': 401,
  'access/not-allowed': 403,
  'round/not-found': 403,
  'class/not-found': 404,
};

/** What a service says, to whoever reads it by program: its value, or the fault's code and sentence. Never kept by a browser. */
export function respondWithJson<Value>(result: Result<Value, ServiceFault>): Response {
  const headers = { 'Cache-Control': 'private, no-store' };
  if (result.ok) return Response.json(result.value ?? null, { headers });
  const { code } = result.error;
  const status = STATUSES[code] ?? 400;
  return Response.json({ code, message: faultText(result.error) }, { status, headers });
}
