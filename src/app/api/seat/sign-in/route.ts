import { studentSignInSchema } from '@/contracts/people';
import { success } from '@/core/shared';
import { startSession } from '@/server/auth/access';
import { parseInput } from '@/server/auth/parseInput';
import { signInStudent } from '@/server/services/signIn';
import { clientAddress } from '../../../_parts/clientAddress';
import { readJson } from '@/server/readJson';
import { respondWithJson } from '../../../_parts/respondWithJson';

/** Opens a seat by class code, student and the pictures of its card: for devices that are no browser. */
export async function POST(request: Request): Promise<Response> {
  const input = parseInput(studentSignInSchema, await readJson(request.body));
  if (!input.ok) return respondWithJson(input);
  const result = await signInStudent(input.value, await clientAddress());
  if (!result.ok) return respondWithJson(result);
  await startSession('seat', result.value.personId);
  return respondWithJson(success({ studentId: input.value.studentId }));
}
