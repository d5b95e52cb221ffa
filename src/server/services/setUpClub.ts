import dayjs from 'dayjs';
import type { ServiceFault } from '@/contracts/faults';
import type { ClubId, CoachId } from '@/contracts/ids';
import type { SetUpInput } from '@/contracts/people';
import { failure, success, type Result } from '@/core/shared';
import { hashPassword, isSetUpCode } from '../auth/secrets';
import { countTry } from '../auth/throttle';
import {
  createClub,
  findClubByName,
  hasClub,
  hasClubForUpdate,
  listClubsToSetUp,
  renameClub,
  type ClubName,
} from '../data/clubs';
import { createTerm, listTerms } from '../data/terms';
import { createCoach, findCoachBySignInName } from '../data/people';
import { getDb, withTransaction, type Db } from '../db';
import { getNow } from './clock';
import { refuseWeakPassword } from './passwords';
import { dayIn } from './today';
import * as doorText from '@/text/screens/door';

/** Has this installation been set up? */
export function isSetUp(): Promise<boolean> {
  return hasClub(getDb());
}

/** Clubs that were added or brought here and have no lead yet. */
export function listWaitingClubs(): Promise<ClubName[]> {
  return listClubsToSetUp(getDb());
}

/** A club without anybody in it; its lead sets it up with a code. Undefined: there is one of this name. */
export async function addWaitingClub(name: string, timeZone: string): Promise<ClubId | undefined> {
  return withTransaction(async (db) => {
    await hasClubForUpdate(db);
    if ((await findClubByName(db, name)) !== undefined) return undefined;
    return createClub(db, { name, timeZone, now: getNow() });
  });
}

/**
 * Whoever knows a code becomes the lead: of the first club, which is made then, or of one that waits for its lead. A code is good once.
 */
export async function setUpClub(
  input: SetUpInput,
  from: string,
): Promise<Result<{ coachId: CoachId }, ServiceFault>> {
  const tried = await countTry(['set-up', from]);
  if ('waitSeconds' in tried) return failure({ code: 'sign-in/too-many-tries', ...tried });
  const waiting = (await listWaitingClubs()).find(({ clubId }) => isSetUpCode(input.code, clubId));
  if (waiting === undefined && !isSetUpCode(input.code)) return failure({ code: 'set-up/wrong-code' });
  await tried.forgive();
  const weak = await refuseWeakPassword(input.password, [input.clubName, input.leadName, input.signInName]);
  if (weak !== undefined) return failure(weak);
  const secretHash = await hashPassword(input.password);
  return withTransaction(async (db) => {
    const isThere = await hasClubForUpdate(db);
    if (waiting === undefined) {
      if (isThere) return failure<ServiceFault>({ code: 'set-up/done-already' });
      return success({ coachId: await openClub(db, input, secretHash) });
    }
    // Somebody else may have been quicker with the same code.
    if ((await listClubsToSetUp(db)).every(({ clubId }) => clubId !== waiting.clubId))
      return failure<ServiceFault>({ code: 'set-up/done-already' });
    if ((await findCoachBySignInName(db, input.signInName)) !== undefined)
      return failure<ServiceFault>({ code: 'coach/sign-in-name-taken' });
    await renameClub(db, waiting.clubId, { name: input.clubName, timeZone: input.timeZone });
    return success({ coachId: await addLead(db, waiting.clubId, input, secretHash) });
  });
}

type NewLead = Pick<SetUpInput, 'timeZone' | 'leadName' | 'signInName'>;

/** A club with its lead, whose password is hashed already, and a first term of half a year from today on. */
export async function openClub(
  db: Db,
  { clubName, ...lead }: NewLead & Pick<SetUpInput, 'clubName'>,
  secretHash: string,
): Promise<CoachId> {
  const clubId = await createClub(db, { name: clubName, timeZone: lead.timeZone, now: getNow() });
  return addLead(db, clubId, lead, secretHash);
}

async function addLead(
  db: Db,
  clubId: ClubId,
  { timeZone, leadName, signInName }: NewLead,
  secretHash: string,
): Promise<CoachId> {
  if ((await listTerms(db, clubId)).length === 0) {
    const startsOn = dayIn(timeZone, getNow());
    const endsOn = dayjs(startsOn).add(6, 'month').format('YYYY-MM-DD');
    await createTerm(db, { clubId, name: doorText.firstTerm, startsOn, endsOn });
  }
  return createCoach(db, { clubId, kind: 'lead', name: leadName, signInName, secretHash });
}
