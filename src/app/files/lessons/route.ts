import { lessonsFileSchema } from '@/contracts/lessons';
import { runAsCoach } from '@/server/auth/access';
import { exportCalendar } from '@/server/services/calendar';
import { readQuery, refuse } from '../../_parts/respond';

/** The lessons of a class for a calendar. */
export async function GET(request: Request): Promise<Response> {
  const result = await runAsCoach(lessonsFileSchema, readQuery(request), exportCalendar);
  if (!result.ok) return refuse(result.error);
  const { name, text } = result.value;
  return new Response(text, {
    headers: {
      'Content-Type': 'text/calendar; charset=utf-8',
      'Content-Disposition': `attachment; filename="${name}"`,
      'Cache-Control': 'private, no-store',
    },
  });
}
