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

export interface JsonReply {
  readonly status: number;
  readonly headers: Readonly<Record<string, string>>;
  readonly body: unknown;
}

/** What a service says, to whoever reads it by program: its value, or the fault's code and sentence. Never kept by a browser. */
export function toJsonReply<Value>(result: Result<Value, ServiceFault>): JsonReply {
  const headers = { 'Cache-Control': 'private, no-store' };
  if (result.ok) return { status: 200, headers, body: result.value ?? null };
  const { code } = result.error;
  return { status: STATUSES[code] ?? 400, headers, body: { code, message: faultText(result.error) } };
}
