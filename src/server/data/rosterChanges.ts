import { z } from 'zod/mini';
import type { ClassId, ClubId, CoachId, EnrolmentId, RosterChangeId } from '@/contracts/ids';
import type { Db } from '../db';

const ids = <Id extends number>() =>
  z.array(
    z.pipe(
      z.number(),
      z.transform((id) => id as Id),
    ),
  );

/** All that has to be known to take a change back. */
const detailsSchema = z.object({
  begun: ids<EnrolmentId>(),
  ended: ids<EnrolmentId>(),
  made: ids<ClassId>(),
  /** Moves out of the club's classes. */
  left: z.int(),
  /** Classes that have exchanged their codes. */
  codes: z.array(
    z.pipe(
      z.tuple([z.number(), z.number()]),
      z.transform((pair) => pair as [ClassId, ClassId]),
    ),
  ),
});
export type RosterChangeDetails = z.infer<typeof detailsSchema>;

export interface StoredRosterChange {
  readonly changeId: RosterChangeId;
  readonly coachId: CoachId;
  readonly coachName: string;
  readonly details: RosterChangeDetails;
  readonly madeAt: Date;
  readonly isUndone: boolean;
}

interface ChangeRow {
  id: number;
  coach_id: number;
  display_name: string;
  details: unknown;
  made_at: Date;
  undone_at: Date | null;
}

function toChange(row: ChangeRow): StoredRosterChange {
  return {
    changeId: row.id as RosterChangeId,
    coachId: row.coach_id as CoachId,
    coachName: row.display_name,
    details: detailsSchema.parse(row.details),
    madeAt: row.made_at,
    isUndone: row.undone_at !== null,
  };
}

/** A fresh builder; it never leaves this file. */
const selectChanges = (db: Db, clubId: ClubId) =>
  db('roster_changes')
    .join('people', 'people.id', 'roster_changes.coach_id')
    .where('roster_changes.club_id', clubId)
    .select(
      'roster_changes.id',
      'roster_changes.coach_id',
      'people.display_name',
      'roster_changes.details',
      'roster_changes.made_at',
      'roster_changes.undone_at',
    );

export async function createRosterChange(
  db: Db,
  input: {
    readonly clubId: ClubId;
    readonly coachId: CoachId;
    readonly requestId: string;
    readonly details: RosterChangeDetails;
    readonly now: Date;
  },
): Promise<RosterChangeId> {
  const [id] = await db('roster_changes').insert({
    club_id: input.clubId,
    coach_id: input.coachId,
    details: JSON.stringify(input.details),
    made_at: input.now,
    request_id: input.requestId,
  });
  return id as RosterChangeId;
}

/** One of the club's, by its id or by the request that made it, locked until the transaction ends. */
export async function findRosterChange(
  db: Db,
  clubId: ClubId,
  where: { readonly changeId: RosterChangeId } | { readonly requestId: string },
): Promise<StoredRosterChange | undefined> {
  const row: ChangeRow | undefined = await selectChanges(db, clubId)
    .where(
      'changeId' in where
        ? { 'roster_changes.id': where.changeId }
        : { 'roster_changes.request_id': where.requestId },
    )
    .forUpdate()
    .first();
  return row && toChange(row);
}

/** The newest first, those taken back left out. */
export async function listRosterChanges(db: Db, clubId: ClubId, most: number): Promise<StoredRosterChange[]> {
  const rows: ChangeRow[] = await selectChanges(db, clubId)
    .whereNull('roster_changes.undone_at')
    .orderBy('roster_changes.id', 'desc')
    .limit(most);
  return rows.map(toChange);
}

export async function noteUndone(db: Db, changeId: RosterChangeId, now: Date): Promise<void> {
  await db('roster_changes').where({ id: changeId }).update({ undone_at: now });
}
