import type { ServiceFault } from '@/contracts/faults';
import type { CoachId } from '@/contracts/ids';
import type { ClubCoach, NewCoach } from '@/contracts/people';
import { failure, success, type Result } from '@/core/shared';
import { toCoachActor, type CoachActor } from '../auth/actors';
import { hashPassword } from '../auth/secrets';
import { addAuditEntry } from '../data/auditLog';
import { createCoach, findCoachBySignInName, listCoaches } from '../data/people';
import { getDb, storeOnce } from '../db';
import { getNow } from './clock';
import { refuseWeakPassword } from './passwords';

/** Adds a coach to the lead's club. The same name with the same sign-in name again is that coach already. */
export async function addCoach(actor: CoachActor, input: NewCoach): Promise<Result<CoachId, ServiceFault>> {
  if (!actor.isLead) return failure({ code: 'access/not-allowed' });
  const weak = await refuseWeakPassword(input.password, [input.name, input.signInName]);
  if (weak !== undefined) return failure(weak);
  const secretHash = await hashPassword(input.password);
  return storeOnce(async (db) => {
    const known = await findCoachBySignInName(db, input.signInName);
    if (known !== undefined) {
      return known.clubId === actor.clubId && known.name === input.name
        ? success(known.coachId)
        : failure<ServiceFault>({ code: 'coach/sign-in-name-taken' });
    }
    const { name, signInName } = input;
    const { clubId } = actor;
    const coachId = await createCoach(db, { clubId, kind: 'coach', name, signInName, secretHash });
    const details = { coachId };
    await addAuditEntry(db, {
      clubId,
      personId: actor.coachId,
      action: 'coach/added',
      details,
      now: getNow(),
    });
    return success(coachId);
  });
}

/** Lead and coaches of the club by name. */
export function listOwnCoaches(actor: CoachActor): Promise<ClubCoach[]> {
  return listCoaches(getDb(), actor.clubId);
}

/** The coach with this sign-in name as an actor, for commands run by whoever owns the machine; throws when unknown. */
export async function getCoachActor(signInName: string): Promise<CoachActor> {
  const coach = await findCoachBySignInName(getDb(), signInName);
  if (coach === undefined) throw new Error(`no coach ${signInName}`);
  return toCoachActor(coach);
}
