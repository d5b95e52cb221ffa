import { z } from 'zod';
import { newSuggestionSchema } from '@/contracts/live';
import { runAsStudent } from '@/server/auth/access';
import { storeSuggestion } from '@/server/services/live';
import { storeOrTell } from '@/server/services/refusedAnswers';
import { readJson } from '../../_parts/readJson';
import { respondWithJson } from '../../_parts/respondWithJson';

/** Stores a move for the position on the board; the same client id twice stores once. */
export async function POST(request: Request): Promise<Response> {
  const stored = await runAsStudent(z.unknown(), await readJson(request), (actor, body) =>
    storeOrTell(actor, body, newSuggestionSchema, storeSuggestion),
  );
  return respondWithJson(stored);
}
