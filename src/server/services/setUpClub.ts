import dayjs from 'dayjs';
import type { ServiceFault } from '@/contracts/faults';
import type { CoachId } from '@/contracts/ids';
import type { SetUpInput } from '@/contracts/people';
import { failure, success, type Result } from '@/core/shared';
import { hashPassword, isSetUpCode } from '../auth/secrets';
import { createClub, hasClub, hasClubForUpdate } from '../data/clubs';
import { createTerm } from '../data/terms';
import { createCoach } from '../data/people';
import { getDb, withTransaction } from '../db';
import { getNow } from './clock';
import { dayIn } from './today';

/** Has this installation been set up? */
export function isSetUp(): Promise<boolean> {
  return hasClub(getDb());
}

/** Makes the first club with its lead and a first term of half a year; refused once there is a club. */
export async function setUpClub(
  input: SetUpInput,
): Promise<Result<{ coachId: CoachId; epoch: number }, ServiceFault>> {
  if (!isSetUpCode(input.code)) return failure({ code: 'set-up/wrong-code' });
  const secretHash = await hashPassword(input.password);
  const now = getNow();
  const startsOn = dayIn(input.timeZone, now);
  return withTransaction(async (db) => {
    if (await hasClubForUpdate(db)) return failure<ServiceFault>({ code: 'set-up/done-already' });
    const clubId = await createClub(db, { name: input.clubName, timeZone: input.timeZone, now });
    const endsOn = dayjs(startsOn).add(6, 'month').format('YYYY-MM-DD');
    await createTerm(db, { clubId, name: 'First term', startsOn, endsOn });
    const coachId = await createCoach(db, {
      clubId,
      kind: 'lead',
      name: input.leadName,
      signInName: input.signInName,
      secretHash,
    });
    return success({ coachId, epoch: 1 });
  });
}
