/** One club as a file, to take it to another installation: every row that is its own, as JSON, and its games and mates as PGN beside it. */
import { strToU8, zipSync, type Zippable } from 'fflate';
import { CLUB_FILE_FORMAT, CLUB_FILE_VERSION, type ClubFileHead, type OpenRow } from '@/contracts/clubFile';
import type { ClubId } from '@/contracts/ids';
import { getClub } from '../data/clubs';
import { CLUB_TABLES, describeTables, listClubRows, type ClubTable } from '../data/clubTables';
import { namelessText } from '@/text';
import { makeNameEraser } from '../data/names';
import { describeSchema, withTransaction, type Db } from '../db';
import { getNow } from './clock';
import { listClubPgn } from './clubPgn';

/** The zip. Without names nobody can be told from it: no names, sign-in names, passwords and keys, and nothing that is about one person only. */
export function exportClub(
  clubId: ClubId,
  { hasNames }: { readonly hasNames: boolean },
): Promise<Uint8Array> {
  // One moment of the database, whatever is written meanwhile.
  return withTransaction(async (db) => {
    const { name } = await getClub(db, clubId);
    const madeAt = getNow();
    const head: ClubFileHead = {
      format: CLUB_FILE_FORMAT,
      version: CLUB_FILE_VERSION,
      madeAt: madeAt.toISOString(),
      step: (await describeSchema(db)).done.at(-1) ?? '',
      club: name,
      hasNames,
    };
    const tables = await readTables(db, clubId, hasNames);
    const parts: Zippable = { 'club.json': strToU8(`${JSON.stringify(head, undefined, 2)}\n`) };
    for (const [table, rows] of tables) parts[`tables/${table}.json`] = strToU8(writeRows(rows));
    for (const [file, text] of listClubPgn(tables)) parts[file] = strToU8(text);
    return zipSync(parts, { mtime: madeAt });
  });
}

/** An array with a row on each line, so that also a large table can be read and compared line by line. */
function writeRows(rows: readonly OpenRow[]): string {
  return rows.length === 0 ? '[]\n' : `[\n${rows.map((row) => JSON.stringify(row)).join(',\n')}\n]\n`;
}

async function readTables(
  db: Db,
  clubId: ClubId,
  hasNames: boolean,
): Promise<ReadonlyMap<string, readonly OpenRow[]>> {
  const shapes = await describeTables(db);
  const tables = new Map<string, readonly OpenRow[]>();
  for (const table of CLUB_TABLES) {
    const shape = shapes.get(table.name);
    if (shape === undefined || (table.isPersonal === true && !hasNames)) continue;
    tables.set(table.name, await listClubRows(db, table, shape, clubId));
  }
  return hasNames ? tables : withoutNames(tables);
}

function withoutNames(tables: ReadonlyMap<string, readonly OpenRow[]>): Map<string, readonly OpenRow[]> {
  const people = tables.get('people') ?? [];
  const names = people.flatMap(({ display_name: name }) => (typeof name === 'string' ? name : []));
  const eraseName = makeNameEraser([...new Set(names)]);
  return new Map(
    CLUB_TABLES.flatMap((table) => {
      const rows = tables.get(table.name);
      if (rows === undefined) return [];
      return [
        [table.name, table.name === 'people' ? rows.map(hideWho) : rows.map(eraseIn(table, eraseName))],
      ];
    }),
  );
}

function hideWho(row: OpenRow, at: number): OpenRow {
  return { ...row, display_name: namelessText(row.kind, at + 1), sign_in_name: null, secret_hash: null };
}

function eraseIn({ texts = [] }: ClubTable, eraseName: (text: string) => string) {
  return (row: OpenRow): OpenRow =>
    Object.fromEntries(
      Object.entries(row).map(([column, value]) => [
        column,
        texts.includes(column) ? mapTexts(value, eraseName) : value,
      ]),
    );
}

function mapTexts(value: OpenRow[string], change: (text: string) => string): OpenRow[string] {
  if (typeof value === 'string') return change(value);
  if (Array.isArray(value)) return value.map((one) => mapTexts(one, change));
  if (value === null || typeof value !== 'object') return value;
  return Object.fromEntries(Object.entries(value).map(([key, one]) => [key, mapTexts(one, change)]));
}
