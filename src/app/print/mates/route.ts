import { cardsSchema } from '@/contracts/print';
import { runAsCoach } from '@/server/auth/access';
import { printPatternCards } from '@/server/services/paper';
import { readQuery, respondWithFile } from '../../_parts/respond';

/** Cards of the named mates. */
export async function GET(request: Request): Promise<Response> {
  return respondWithFile(await runAsCoach(cardsSchema, readQuery(request), printPatternCards));
}
