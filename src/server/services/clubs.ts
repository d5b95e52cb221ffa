import type { ClubPage, ClubSettings } from '@/contracts/clubs';
import type { ServiceFault } from '@/contracts/faults';
import { failure, success, type Result } from '@/core/shared';
import type { CoachActor } from '../auth/actors';
import { addAuditEntry } from '../data/auditLog';
import { getClub, saveClubSettings } from '../data/clubs';
import { getDb, withTransaction } from '../db';
import { getNow } from './clock';

/** What the club has decided, and whether this coach may change it. */
export async function getClubPage(actor: CoachActor): Promise<ClubPage> {
  const { name, settings } = await getClub(getDb(), actor.clubId);
  return { name, settings, mayChange: actor.isLead };
}

/** Changes what holds for the whole club, from the next answer on. Only a lead may. */
export async function changeClubSettings(
  actor: CoachActor,
  settings: ClubSettings,
): Promise<Result<undefined, ServiceFault>> {
  if (!actor.isLead) return failure({ code: 'access/not-allowed' });
  return withTransaction(async (db) => {
    await saveClubSettings(db, actor.clubId, settings);
    await addAuditEntry(db, {
      clubId: actor.clubId,
      personId: actor.coachId,
      action: 'club/settings',
      details: {},
      now: getNow(),
    });
    return success(undefined);
  });
}
