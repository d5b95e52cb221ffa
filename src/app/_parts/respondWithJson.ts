import type { ServiceFault } from '@/contracts/faults';
import type { Result } from '@/core/shared';
import { toJsonReply } from '@/server/jsonReply';

/** What a service says, to whoever reads it by program. */
export function respondWithJson<Value>(result: Result<Value, ServiceFault>): Response {
  const { status, headers, body } = toJsonReply(result);
  return Response.json(body, { status, headers });
}
