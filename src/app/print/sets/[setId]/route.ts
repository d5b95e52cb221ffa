import { setIdSchema } from '@/contracts/ids';
import { setSheetsSchema } from '@/contracts/print';
import { runAsCoach } from '@/server/auth/access';
import { parseInput } from '@/server/auth/parseInput';
import { printSet } from '@/server/services/paper';
import { readQuery, respondWithFile } from '../../../_parts/respond';

/** The sheets and the key of a set. */
export async function GET(
  request: Request,
  { params }: RouteContext<'/print/sets/[setId]'>,
): Promise<Response> {
  const { setId } = await params;
  return respondWithFile(
    await runAsCoach(setSheetsSchema, readQuery(request), async (actor, sheets) => {
      const id = parseInput(setIdSchema, setId);
      return id.ok ? printSet(actor, id.value, sheets) : id;
    }),
  );
}
