import { blankSheetsSchema } from '@/contracts/print';
import { runAsCoach } from '@/server/auth/access';
import { printBlank } from '@/server/services/paper';
import { readQuery, respondWithFile } from '../../_parts/respond';

/** Boards to draw on. */
export async function GET(request: Request): Promise<Response> {
  return respondWithFile(
    await runAsCoach(blankSheetsSchema, readQuery(request), (_, sheets) => printBlank(sheets)),
  );
}
