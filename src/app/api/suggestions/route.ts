import { newSuggestionSchema } from '@/contracts/live';
import { runAsStudent } from '@/server/auth/access';
import { storeSuggestion } from '@/server/services/live';
import { readJson } from '../../_parts/readJson';
import { respondWithJson } from '../../_parts/respondWithJson';

/** Stores a move for the position on the board; the same client id twice stores once. */
export async function POST(request: Request): Promise<Response> {
  return respondWithJson(await runAsStudent(newSuggestionSchema, await readJson(request), storeSuggestion));
}
