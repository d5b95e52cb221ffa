import type { ClubId, CoachId } from '@/contracts/ids';
import type { AuditLogEntry } from '@/contracts/records';
import type { Db } from '../db';

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
  | 'mail/written';

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
  const rows: {
    at: Date;
    who: string | null;
    action: string;
    child: string | null;
    group_name: string | null;
  }[] = await db('audit_log')
    .leftJoin('people as coach', 'coach.id', 'audit_log.person_id')
    .leftJoin(
      'people as child',
      'child.id',
      db.raw("CAST(JSON_VALUE(audit_log.details, '$.studentId') AS UNSIGNED)"),
    )
    .leftJoin('classes', 'classes.id', db.raw("CAST(JSON_VALUE(audit_log.details, '$.classId') AS UNSIGNED)"))
    .where('audit_log.club_id', clubId)
    .orderBy('audit_log.id', 'desc')
    .limit(most)
    .select(
      'audit_log.at',
      'coach.display_name as who',
      'audit_log.action',
      'child.display_name as child',
      'classes.name as group_name',
    );
  return rows.map(({ at, who, action, child, group_name: group }) => ({
    at: at.toISOString(),
    who: who ?? '',
    action,
    about: [child, group].filter((name) => name !== null).join(', '),
  }));
}
