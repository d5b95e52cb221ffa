import type { ClubId, CoachId } from '@/contracts/ids';
import type { Db } from '../db';

export type AuditAction =
  | 'class/created'
  | 'class/post'
  | 'term/added'
  | 'term/changed'
  | 'roster/changed'
  | 'roster/undone'
  | 'student/added'
  | 'student/renamed'
  | 'student/removed'
  | 'student/new-key'
  | 'set/given'
  | 'club/settings'
  | 'club/words'
  | 'path/student'
  | 'game/removed';

/** Notes who changed what; only ever added. Details hold ids, never names. */
export async function addAuditEntry(
  db: Db,
  entry: {
    readonly clubId: ClubId;
    readonly personId: CoachId;
    readonly action: AuditAction;
    readonly details: Readonly<Record<string, number>>;
    readonly now: Date;
  },
): Promise<void> {
  await db('audit_log').insert({
    club_id: entry.clubId,
    person_id: entry.personId,
    action: entry.action,
    details: JSON.stringify(entry.details),
    at: entry.now,
  });
}
