import type { ClubId, CoachId } from '@/contracts/ids';
import type { AuditLogEntry } from '@/contracts/records';
import { listRows, optional, under, type Db } from '../db';

export type AuditAction =
  | 'class/created'
  | 'coach/added'
  | 'coach/password'
  | 'coach/removed'
  | 'student/unlocked'
  | 'class/post'
  | 'term/added'
  | 'term/changed'
  | 'roster/changed'
  | 'roster/undone'
  | 'student/added'
  | 'student/renamed'
  | 'student/removed'
  | 'student/new-key'
  | 'student/seen'
  | 'student/record-saved'
  | 'student/erased'
  | 'set/given'
  | 'club/settings'
  | 'club/words'
  | 'path/student'
  | 'game/removed'
  | 'report/made'
  | 'email/written';

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

/** The newest first, with the names of those who are still there: who did it, and which child or class it was about. */
export async function listAuditEntries(db: Db, clubId: ClubId, most: number): Promise<AuditLogEntry[]> {
  const newest = db('audit_log')
    .leftJoin('people as coach', 'coach.id', 'audit_log.person_id')
    .leftJoin(
      'people as child',
      'child.id',
      db.raw("CAST(JSON_VALUE(audit_log.details, '$.studentId') AS UNSIGNED)"),
    )
    .leftJoin('classes', 'classes.id', db.raw("CAST(JSON_VALUE(audit_log.details, '$.classId') AS UNSIGNED)"))
    .where('audit_log.club_id', clubId)
    .orderBy('audit_log.id', 'desc')
    .limit(most);
  const rows = await listRows(newest, {
    at: 'audit_log.at',
    who: under('coach', 'people.display_name'),
    action: 'audit_log.action',
    child: under('child', 'people.display_name'),
    group: optional('classes.name'),
  });
  return rows.map(({ at, who, action, child, group }) => ({
    at: at.toISOString(),
    who: who ?? '',
    action,
    about: [child, group].filter((name) => name !== null).join(', '),
  }));
}
