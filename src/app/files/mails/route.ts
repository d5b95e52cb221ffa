import { z } from 'zod/mini';
import { mailIdSchema } from '@/contracts/ids';
import { runAsCoach } from '@/server/auth/access';
import { exportMail } from '@/server/services/outbox';
import { readQuery, refuse } from '../../_parts/respond';

/** A mail of the outbox as a file. */
export async function GET(request: Request): Promise<Response> {
  const result = await runAsCoach(z.object({ mailId: mailIdSchema }), readQuery(request), exportMail);
  if (!result.ok) return refuse(result.error);
  const { name, bytes } = result.value;
  return new Response(new Uint8Array(bytes), {
    headers: {
      'Content-Type': 'message/rfc822',
      'Content-Disposition': `attachment; filename="${name}"`,
      'Cache-Control': 'private, no-store',
    },
  });
}
