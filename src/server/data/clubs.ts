import { clubSettingsSchema, type ClubSettings } from '@/contracts/clubs';
import type { ClubId } from '@/contracts/ids';
import { columnsOf, findValue, insertRow, listRows, type Db } from '../db';

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
  return insertRow(db, 'clubs', {
    name: club.name,
    time_zone: club.timeZone,
    settings: '{}',
    created_at: club.now,
  });
}

export async function findClubByName(db: Db, name: string): Promise<ClubId | undefined> {
  return findValue(db('clubs').where({ name }), 'clubs.id');
}

export interface ClubName {
  readonly clubId: ClubId;
  readonly name: string;
}

const NAME_COLUMNS = columnsOf({ clubId: 'clubs.id', name: 'clubs.name' });

export async function listClubs(db: Db): Promise<ClubName[]> {
  return listRows(db('clubs').orderBy('id'), NAME_COLUMNS);
}

/** Clubs in which nobody can sign in as a lead. */
export async function listClubsToSetUp(db: Db): Promise<ClubName[]> {
  const unled = db('clubs')
    .whereNotExists(
      db('people')
        .whereRaw('people.club_id = clubs.id')
        .where({ kind: 'lead' })
        .whereNotNull('secret_hash')
        .whereNotNull('sign_in_name')
        .select('id'),
    )
    .orderBy('id');
  return listRows(unled, NAME_COLUMNS);
}

/** As the lead who sets it up writes it. */
export async function renameClub(
  db: Db,
  clubId: ClubId,
  { name, timeZone }: { readonly name: string; readonly timeZone: string },
): Promise<void> {
  await db('clubs').where({ id: clubId }).update({ name, time_zone: timeZone });
}
