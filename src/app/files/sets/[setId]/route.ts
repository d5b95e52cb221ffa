import { setFileSchema } from '@/contracts/files';
import { setIdSchema } from '@/contracts/ids';
import { runAsCoach } from '@/server/auth/access';
import { parseInput } from '@/server/auth/parseInput';
import { exportSet } from '@/server/services/files';
import { readQuery, refuse } from '../../../_parts/respond';

/** A set as a file to keep. */
export async function GET(
  request: Request,
  { params }: RouteContext<'/files/sets/[setId]'>,
): Promise<Response> {
  const { setId } = await params;
  const result = await runAsCoach(setFileSchema, readQuery(request), async (actor, { as }) => {
    const id = parseInput(setIdSchema, setId);
    return id.ok ? exportSet(actor, id.value, as) : id;
  });
  if (!result.ok) return refuse(result.error);
  const { name, type, text } = result.value;
  return new Response(text, {
    headers: {
      'Content-Type': `${type}; charset=utf-8`,
      'Content-Disposition': `attachment; filename="${name}"`,
      'Cache-Control': 'private, no-store',
    },
  });
}
