import { openLiveTaskSchema } from '@/contracts/live';
import { runAsStudent } from '@/server/auth/access';
import { openLiveTask } from '@/server/services/live';
import { readJson } from '../../../_parts/readJson';
import { respondWithJson } from '../../../_parts/respondWithJson';

/** Opens the student's round for the task on the board; opened twice, it is one. */
export async function POST(request: Request): Promise<Response> {
  return respondWithJson(await runAsStudent(openLiveTaskSchema, await readJson(request), openLiveTask));
}
