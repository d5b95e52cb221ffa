/** A device that holds answers tells so, whoever sits at it: the coach then knows whom to send there to sign in. */
import type { ServiceFault } from '@/contracts/faults';
import type { UnsentNews } from '@/contracts/unsent';
import { success, type Result } from '@/core/shared';
import type { StudentActor } from '../auth/actors';
import { saveUnsentAnswers } from '../data/unsentAnswers';
import { withTransaction } from '../db';
import { getNow } from './clock';

/** Says nothing of who is in the club: children of another one are passed over in silence. */
export async function noteUnsentAnswers(
  { clubId }: StudentActor,
  { deviceId, counts }: UnsentNews,
): Promise<Result<undefined, ServiceFault>> {
  await withTransaction((db) => saveUnsentAnswers(db, { clubId, deviceId, counts, now: getNow() }));
  return success(undefined);
}
