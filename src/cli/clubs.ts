/** `vorschule add-club`, `export-club` and `import-club`: several clubs in one installation, and a club that moves. */
import { existsSync, readFileSync, writeFileSync } from 'node:fs';
import { clubNameSchema, timeZoneSchema } from '@/contracts/people';
import type { ClubId } from '@/contracts/ids';
import { makeSetUpCode } from '@/server/auth/secrets';
import { listClubs } from '@/server/data/clubs';
import { closeDb, getDb } from '@/server/db';
import { getEnv } from '@/server/env';
import { exportClub } from '@/server/services/clubExport';
import { importClub } from '@/server/services/clubImport';
import { addWaitingClub } from '@/server/services/setUpClub';
import { clubFileText } from '@/text';
import { closePool } from '@/workers/node';
import { Advice, say } from './say';

/** Makes a club and prints the code with which its lead sets it up. Without a zone it is that of this machine. */
export function addClubHere(name: string, timeZone: string | undefined): Promise<void> {
  return onDatabase(async () => {
    const club = clubNameSchema.safeParse(name);
    if (!club.success) throw new Advice('A club has a name of 1 to 120 letters.');
    const zone = timeZoneSchema.safeParse(timeZone ?? Intl.DateTimeFormat().resolvedOptions().timeZone);
    if (!zone.success) throw new Advice(`"${timeZone}" is no time zone. One is Europe/Zurich, for example.`);
    const clubId = await addWaitingClub(club.data, zone.data);
    if (clubId === undefined) throw new Advice(`There is a club "${club.data}" here already.`);
    tellSetUp(club.data, makeSetUpCode(clubId));
  });
}

/** Writes one club to a file that only its owner can read; without a name the installation's only one. */
export function exportClubHere(
  file: string,
  { club, hasNames }: { readonly club: string | undefined; readonly hasNames: boolean },
): Promise<void> {
  return onDatabase(async () => {
    if (existsSync(file)) throw new Advice(`${file} is there already. Give another name.`);
    const clubId = await findClub(club);
    const zip = await exportClub(clubId, { hasNames });
    writeFileSync(file, zip, { mode: 0o600, flag: 'wx' });
    say(
      hasNames
        ? `Saved to ${file}, with names, passwords and keys: keep it where only you can read it.`
        : `Saved to ${file}, without names. Names of people outside the club may stand in texts and games.`,
    );
  });
}

async function findClub(name: string | undefined): Promise<ClubId> {
  const clubs = await listClubs(getDb());
  const found = clubs.filter(
    (club) => name === undefined || club.name === name || String(club.clubId) === name,
  );
  const [only, second] = found;
  if (only !== undefined && second === undefined) return only.clubId;
  if (clubs.length === 0) throw new Advice('There is no club here.');
  const names = clubs.map((club) => `${club.clubId}  ${club.name}`).join('\n');
  throw new Advice(`Which club? Say --club and its name or number:\n${names}`);
}

export function importClubHere(file: string, name: string | undefined): Promise<void> {
  return onDatabase(async () => {
    const club = name === undefined ? undefined : clubNameSchema.safeParse(name);
    if (club?.success === false) throw new Advice('A club has a name of 1 to 120 letters.');
    const made = await importClub(readZip(file), club?.data);
    if (!made.ok) throw new Advice(`${clubFileText(made.error)} Nothing was changed.`);
    const { value } = made;
    say(
      `${value.club} is here: ${value.rows} rows. What is worked out from the answers was worked out anew.`,
    );
    for (const { className, code } of value.newCodes)
      say(`${className} has the code ${code} here: its own is another class's.`);
    for (const { was, is } of value.newSignInNames)
      say(`Who signed in as "${was}" signs in as "${is}" here: that name is another coach's.`);
    if (value.setUpCode !== undefined) tellSetUp(value.club, value.setUpCode);
  });
}

function readZip(file: string): Uint8Array {
  try {
    return readFileSync(file);
  } catch (cause) {
    throw new Advice(`${file} cannot be read: ${cause instanceof Error ? cause.message : String(cause)}`, {
      cause,
    });
  }
}

function tellSetUp(club: string, code: string): void {
  say(`${club} waits for its lead. Open ${getEnv().ORIGIN}/set-up and enter this code:`);
  process.stdout.write(`${code}\n`);
}

async function onDatabase(work: () => Promise<void>): Promise<void> {
  try {
    await work();
  } finally {
    await closePool();
    await closeDb();
  }
}
