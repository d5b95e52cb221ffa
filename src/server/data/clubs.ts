import { clubSettingsSchema, type ClubSettings } from '@/contracts/clubs';
import type { ClubId, TermId } from '@/contracts/ids';
import type { Db } from '../db';

export interface Club {
  readonly clubId: ClubId;
  readonly name: string;
  readonly timeZone: string;
  readonly settings: ClubSettings;
}

/** Is there any club in this installation? */
export async function hasClub(db: Db): Promise<boolean> {
  return (await db('clubs').first('id')) !== undefined;
}

/** Locks the list of clubs until the transaction ends, so that two first set-ups cannot both see it empty. */
export async function hasClubForUpdate(db: Db): Promise<boolean> {
  return (await db('clubs').forUpdate().first('id')) !== undefined;
}

/** The club with this id; throws when there is none. */
export async function getClub(db: Db, clubId: ClubId): Promise<Club> {
  const row = await db('clubs').where({ id: clubId }).first('name', 'time_zone', 'settings');
  if (row === undefined) throw new Error(`no club ${clubId}`);
  const settings = clubSettingsSchema.parse(row.settings);
  return { clubId, name: row.name, timeZone: row.time_zone, settings };
}

export async function saveClubSettings(db: Db, clubId: ClubId, settings: ClubSettings): Promise<void> {
  await db('clubs')
    .where({ id: clubId })
    .update({ settings: JSON.stringify(settings) });
}

export async function createClub(
  db: Db,
  club: { name: string; timeZone: string; now: Date },
): Promise<ClubId> {
  const [id] = await db('clubs').insert({
    name: club.name,
    time_zone: club.timeZone,
    settings: '{}',
    created_at: club.now,
  });
  return id as ClubId;
}

/** Days as YYYY-MM-DD, the last one included. */
export async function createTerm(
  db: Db,
  term: { clubId: ClubId; name: string; startsOn: string; endsOn: string },
): Promise<TermId> {
  const [id] = await db('terms').insert({
    club_id: term.clubId,
    name: term.name,
    starts_on: term.startsOn,
    ends_on: term.endsOn,
  });
  return id as TermId;
}

/** The term running on this day, else the newest; undefined when the club has none. */
export async function findCurrentTerm(db: Db, clubId: ClubId, today: string): Promise<TermId | undefined> {
  const row = await db('terms')
    .where({ club_id: clubId })
    .orderByRaw('(starts_on <= ? AND ends_on >= ?) DESC, starts_on DESC', [today, today])
    .first('id');
  return row?.id as TermId | undefined;
}
