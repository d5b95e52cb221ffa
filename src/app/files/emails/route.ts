import { z } from 'zod/mini';
import { emailIdSchema } from '@/contracts/ids';
import { runAsCoach } from '@/server/auth/access';
import { exportEmail } from '@/server/services/outbox';
import { readQuery, refuse } from '../../_parts/respond';

/** An email of the outbox as a file. */
export async function GET(request: Request): Promise<Response> {
  const result = await runAsCoach(z.object({ emailId: emailIdSchema }), readQuery(request), exportEmail);
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
