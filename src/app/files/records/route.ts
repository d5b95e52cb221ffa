import { childSchema } from '@/contracts/records';
import { runAsCoach } from '@/server/auth/access';
import { exportRecord } from '@/server/services/records';
import { readQuery, refuse } from '../../_parts/respond';

/** All that is stored about a child. */
export async function GET(request: Request): Promise<Response> {
  const result = await runAsCoach(childSchema, readQuery(request), exportRecord);
  if (!result.ok) return refuse(result.error);
  const { name, text } = result.value;
  return new Response(text, {
    headers: {
      'Content-Type': 'application/json; charset=utf-8',
      'Content-Disposition': `attachment; filename="${name}"`,
      'Cache-Control': 'private, no-store',
    },
  });
}
