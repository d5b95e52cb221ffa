import { reportSchema } from '@/contracts/reports';
import { runAsCoach } from '@/server/auth/access';
import { printReport } from '@/server/services/reports';
import { readQuery, respondWithFile } from '../../_parts/respond';

/** Reports, certificates or a record on paper. */
export async function GET(request: Request): Promise<Response> {
  return respondWithFile(await runAsCoach(reportSchema, readQuery(request), printReport));
}
