import dayjs from 'dayjs';
import type { ServiceFault } from '@/contracts/faults';
import type { CoachId } from '@/contracts/ids';
import type { SetUpInput } from '@/contracts/people';
import { failure, success, type Result } from '@/core/shared';
import { hashPassword, isSetUpCode } from '../auth/secrets';
import { countTry } from '../auth/throttle';
import { createClub, hasClub, hasClubForUpdate } from '../data/clubs';
import { createTerm } from '../data/terms';
import { createCoach } from '../data/people';
import { getDb, withTransaction, type Db } from '../db';
import { getNow } from './clock';
import { refuseWeakPassword } from './passwords';
import { dayIn } from './today';

/** Has this installation been set up? */
export function isSetUp(): Promise<boolean> {
  return hasClub(getDb());
}

/** Makes the first club with its lead and a first term of half a year; refused once there is a club. */
export async function setUpClub(
  input: SetUpInput,
  from: string,
): Promise<Result<{ coachId: CoachId }, ServiceFault>> {
  const tried = await countTry(['set-up', from]);
  if ('waitSeconds' in tried) return failure({ code: 'sign-in/too-many-tries', ...tried });
  if (!isSetUpCode(input.code)) return failure({ code: 'set-up/wrong-code' });
  await tried.forgive();
  const weak = await refuseWeakPassword(input.password, [input.clubName, input.leadName, input.signInName]);
  if (weak !== undefined) return failure(weak);
  const secretHash = await hashPassword(input.password);
  return withTransaction(async (db) => {
    if (await hasClubForUpdate(db)) return failure<ServiceFault>({ code: 'set-up/done-already' });
    return success({ coachId: await openClub(db, input, secretHash) });
  });
}

/** A club with its lead, whose password is hashed already, and a first term of half a year from today on. */
export async function openClub(
  db: Db,
  {
    clubName,
    timeZone,
    leadName,
    signInName,
  }: Pick<SetUpInput, 'clubName' | 'timeZone' | 'leadName' | 'signInName'>,
  secretHash: string,
): Promise<CoachId> {
  const now = getNow();
  const startsOn = dayIn(timeZone, now);
  const endsOn = dayjs(startsOn).add(6, 'month').format('YYYY-MM-DD');
  const clubId = await createClub(db, { name: clubName, timeZone, now });
  await createTerm(db, { clubId, name: 'First term', startsOn, endsOn });
  return createCoach(db, { clubId, kind: 'lead', name: leadName, signInName, secretHash });
}
