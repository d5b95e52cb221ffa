import { z } from 'zod/mini';
import type { ClassId, ClubId, CoachId, EnrolmentId, RosterChangeId } from '@/contracts/ids';
import { columnsOf, findRow, insertRow, listRows, parsed, type Db } from '../db';

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

const CHANGE_COLUMNS = columnsOf({
  changeId: 'roster_changes.id',
  coachId: 'roster_changes.coach_id',
  coachName: 'people.display_name',
  details: parsed('roster_changes.details', (details) => detailsSchema.parse(details)),
  madeAt: 'roster_changes.made_at',
  isUndone: parsed('roster_changes.undone_at', (undoneAt) => undoneAt !== null),
});

/** Changes with who made them. */
const changesOf = (db: Db, clubId: ClubId) =>
  db('roster_changes')
    .join('people', 'people.id', 'roster_changes.coach_id')
    .where('roster_changes.club_id', clubId);

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
  return insertRow(db, 'roster_changes', {
    club_id: input.clubId,
    coach_id: input.coachId,
    details: JSON.stringify(input.details),
    made_at: input.now,
    request_id: input.requestId,
  });
}

/** One of the club's, by its id or by the request that made it, locked until the transaction ends. */
export async function findRosterChange(
  db: Db,
  clubId: ClubId,
  where: { readonly changeId: RosterChangeId } | { readonly requestId: string },
): Promise<StoredRosterChange | undefined> {
  const changes = changesOf(db, clubId).forUpdate();
  if ('changeId' in where) void changes.where('roster_changes.id', where.changeId);
  else void changes.where('roster_changes.request_id', where.requestId);
  return findRow(changes, CHANGE_COLUMNS);
}

/** The newest first, those taken back left out. */
export async function listRosterChanges(db: Db, clubId: ClubId, most: number): Promise<StoredRosterChange[]> {
  const newest = changesOf(db, clubId)
    .whereNull('roster_changes.undone_at')
    .orderBy('roster_changes.id', 'desc')
    .limit(most);
  return listRows(newest, CHANGE_COLUMNS);
}

export async function noteUndone(db: Db, changeId: RosterChangeId, now: Date): Promise<void> {
  await db('roster_changes').where({ id: changeId }).update({ undone_at: now });
}
