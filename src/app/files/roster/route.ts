import { rosterFileSchema } from '@/contracts/roster';
import { runAsCoach } from '@/server/auth/access';
import { exportRoster } from '@/server/services/roster';
import { readQuery, refuse } from '../../_parts/respond';

/** Who is and was in which class, as CSV. */
export async function GET(request: Request): Promise<Response> {
  const result = await runAsCoach(rosterFileSchema, readQuery(request), exportRoster);
  if (!result.ok) return refuse(result.error);
  return new Response(result.value, {
    headers: {
      'Content-Type': 'text/csv; charset=utf-8',
      'Content-Disposition': 'attachment; filename="roster.csv"',
      // Children's names are in it.
      'Cache-Control': 'private, no-store',
    },
  });
}
