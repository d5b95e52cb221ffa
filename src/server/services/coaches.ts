import type { ServiceFault } from '@/contracts/faults';
import type { CoachId } from '@/contracts/ids';
import { failure, success, type Result } from '@/core/shared';
import { toCoachActor, type CoachActor } from '../auth/actors';
import { hashPassword } from '../auth/secrets';
import { createCoach, findCoachBySignInName } from '../data/people';
import { getDb, storeOnce } from '../db';

/** Adds a coach to the lead's club; somebody with this sign-in name in the club is that coach already. */
export async function addCoach(
  actor: CoachActor,
  input: { readonly name: string; readonly signInName: string; readonly password: string },
): Promise<Result<CoachId, ServiceFault>> {
  if (!actor.isLead) return failure({ code: 'access/not-allowed' });
  const secretHash = await hashPassword(input.password);
  return storeOnce(async (db) => {
    const known = await findCoachBySignInName(db, input.signInName);
    if (known !== undefined) {
      return known.clubId === actor.clubId
        ? success(known.coachId)
        : failure<ServiceFault>({ code: 'access/not-allowed' });
    }
    const { name, signInName } = input;
    return success(
      await createCoach(db, { clubId: actor.clubId, kind: 'coach', name, signInName, secretHash }),
    );
  });
}

/** The coach with this sign-in name as an actor, for commands run by whoever owns the machine; throws when unknown. */
export async function getCoachActor(signInName: string): Promise<CoachActor> {
  const coach = await findCoachBySignInName(getDb(), signInName);
  if (coach === undefined) throw new Error(`no coach ${signInName}`);
  return toCoachActor(coach);
}
