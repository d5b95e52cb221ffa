/** Choosing passwords: weak ones are refused, a coach changes their own, a lead gives another coach a new one. */
import type { ServiceFault } from '@/contracts/faults';
import type { CoachId } from '@/contracts/ids';
import type { ChangePassword, OwnCoach } from '@/contracts/people';
import { failure, success, type Result } from '@/core/shared';
import { askWeakness } from '@/workers/node';
import type { CoachActor } from '../auth/actors';
import { drawPassword, hashPassword, isRightPassword } from '../auth/secrets';
import { countTry, forgetTries } from '../auth/throttle';
import { addAuditEntry } from '../data/auditLog';
import { findCoach, removeCoachRow, replaceCoachSecret, type CoachRecord } from '../data/people';
import { deleteSessionsOf } from '../data/sessions';
import { getDb, withTransaction } from '../db';
import { getNow } from './clock';

/** Why this password may not be chosen; undefined when it may. `about` are names that stand near it. */
export async function refuseWeakPassword(
  password: string,
  about: readonly string[],
): Promise<ServiceFault | undefined> {
  const isWeak = await askWeakness(password, about);
  if (typeof isWeak === 'object') return { code: 'workers/busy' };
  return isWeak ? { code: 'password/weak' } : undefined;
}

/** A coach chooses another password; every other session of theirs ends. Wrong old ones are counted like wrong sign-ins. */
export async function changePassword(
  actor: CoachActor,
  { oldPassword, newPassword }: ChangePassword,
  session: string | undefined,
): Promise<Result<undefined, ServiceFault>> {
  const tried = await countTry(['password', String(actor.coachId)]);
  if ('waitSeconds' in tried) return failure({ code: 'sign-in/too-many-tries', ...tried });
  const coach = await findCoach(getDb(), actor.coachId);
  if (!(await isRightPassword(coach?.secretHash, oldPassword)))
    return failure({ code: 'password/old-wrong' });
  await tried.forgive();
  const weak = await refuseWeakPassword(newPassword, [actor.name]);
  if (weak !== undefined) return failure(weak);
  const secretHash = await hashPassword(newPassword);
  return withTransaction(async (db) => {
    await replaceCoachSecret(db, actor.coachId, secretHash, session);
    await note(db, actor, 'coach/password', actor.coachId);
    return success(undefined);
  });
}

/** Signs the coach out on every other device. */
export async function endOtherSessions(
  actor: CoachActor,
  session: string | undefined,
): Promise<Result<undefined, ServiceFault>> {
  await deleteSessionsOf(getDb(), actor.coachId, session);
  return success(undefined);
}

/** A lead gives a coach of the club a new password, drawn here and shown once; the old one and every open session end. */
export async function resetPassword(
  actor: CoachActor,
  { coachId }: OwnCoach,
): Promise<Result<string, ServiceFault>> {
  if (!actor.isLead) return failure({ code: 'access/not-allowed' });
  const coach = await findCoach(getDb(), coachId);
  if (coach === undefined || coach.clubId !== actor.clubId || coach.isLead)
    return failure({ code: 'access/not-allowed' });
  const password = await giveNewPassword(coach);
  await note(getDb(), actor, 'coach/password', coachId);
  return success(password);
}

/** For whoever owns the machine, too: a lead that forgot the password asks them. */
export async function giveNewPassword({ coachId }: Pick<CoachRecord, 'coachId'>): Promise<string> {
  const password = drawPassword();
  const secretHash = await hashPassword(password);
  await withTransaction((db) => replaceCoachSecret(db, coachId, secretHash));
  await forgetTries('password', String(coachId));
  return password;
}

/** A lead takes a coach out of the club: no sign-in and no class any more. What the coach did stays in the club's history. */
export async function removeCoach(
  actor: CoachActor,
  { coachId }: OwnCoach,
): Promise<Result<undefined, ServiceFault>> {
  if (!actor.isLead) return failure({ code: 'access/not-allowed' });
  return withTransaction(async (db) => {
    const coach = await findCoach(db, coachId);
    if (coach === undefined || coach.clubId !== actor.clubId || coach.isLead)
      return failure<ServiceFault>({ code: 'access/not-allowed' });
    await removeCoachRow(db, coachId, getNow());
    await note(db, actor, 'coach/removed', coachId);
    return success(undefined);
  });
}

async function note(
  db: Parameters<typeof addAuditEntry>[0],
  actor: CoachActor,
  action: 'coach/password' | 'coach/removed',
  coachId: CoachId,
): Promise<void> {
  const { clubId } = actor;
  await addAuditEntry(db, { clubId, personId: actor.coachId, action, details: { coachId }, now: getNow() });
}
