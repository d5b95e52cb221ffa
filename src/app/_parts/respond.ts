import type { ServiceFault } from '@/contracts/faults';
import type { PrintedFile } from '@/contracts/print';
import type { Result } from '@/core/shared';
import { faultText } from '@/text';

const STATUSES: Partial<Record<ServiceFault['code'], number>> = {
  'access/not-signed-in': 401,
  'set/not-found': 404,
  'class/not-found': 404,
  'workers/busy': 503,
};

/** A refusal as its sentence. */
export function refuse(fault: ServiceFault): Response {
  return new Response(faultText(fault), {
    status: STATUSES[fault.code] ?? 400,
    headers: { 'Content-Type': 'text/plain; charset=utf-8' },
  });
}

/** The PDF, shown in the browser. */
export function respondWithFile(result: Result<PrintedFile, ServiceFault>): Response {
  if (!result.ok) return refuse(result.error);
  const { name, bytes } = result.value;
  return new Response(new Uint8Array(bytes), {
    headers: {
      'Content-Type': 'application/pdf',
      'Content-Disposition': `inline; filename="${name}"`,
      // Children's names may be on it.
      'Cache-Control': 'private, no-store',
    },
  });
}

/** What a form sent in the address. */
export function readQuery(request: Request): Record<string, string> {
  return Object.fromEntries(new URL(request.url).searchParams);
}
