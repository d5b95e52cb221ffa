/**
 * A club out of its file, made anew here: every row gets a number of its own, and what refers to a row refers to its new number. All in one
 * transaction: a file that is not taken changes nothing.
 */
import { strFromU8, unzipSync } from 'fflate';
import { z } from 'zod/mini';
import { en } from 'zod/locales';
import {
  clubFileHeadSchema,
  openRowSchema,
  type ClubFileFault,
  type ImportedClub,
  type OpenRow,
} from '@/contracts/clubFile';
import type { ClubId } from '@/contracts/ids';
import { CLUB_PART_WORDS } from '@/text';
import { failure, success, type Result } from '@/core/shared';
import { v4 as makeUuid } from 'uuid';
import { drawJoinCode, makeSetUpCode } from '../auth/secrets';
import { findClassByJoinCode } from '../data/classes';
import { findClubByName, listClubsToSetUp } from '../data/clubs';
import { CLUB_TABLES, describeTables, insertRows, type ClubTable, type TableShape } from '../data/clubTables';
import { findCoachBySignInName } from '../data/people';
import { withTransaction, type Db } from '../db';
import { rebuildProgress } from './progress';

/** A club of a thousand children is some hundred megabytes. */
const MOST_BYTES = 1_000_000_000;

interface ClubFile {
  readonly club: string;
  readonly step: string;
  readonly tables: ReadonlyMap<string, readonly OpenRow[]>;
}

/** `name`: what the club is called here, when not as in its file. */
export async function importClub(
  zip: Uint8Array,
  name: string | undefined,
): Promise<Result<ImportedClub, ClubFileFault>> {
  const file = readFile(zip);
  if (!file.ok) return file;
  const club = name ?? file.value.club;
  try {
    const made = await withTransaction((db) => store(db, file.value, club));
    await rebuildProgress();
    return success(made);
  } catch (fault) {
    if (fault instanceof Refusal) return failure(fault.fault);
    throw fault;
  }
}

/** Breaks the transaction off, so that nothing of the file stays. */
class Refusal extends Error {
  constructor(readonly fault: ClubFileFault) {
    super(fault.code);
  }
}

function readFile(zip: Uint8Array): Result<ClubFile, ClubFileFault> {
  let bytes = 0;
  let parts: Readonly<Record<string, Uint8Array>>;
  try {
    parts = unzipSync(zip, {
      filter: ({ name, originalSize }) => {
        if (!name.endsWith('.json')) return false;
        bytes += originalSize;
        return bytes <= MOST_BYTES;
      },
    });
  } catch (cause) {
    return failure({ code: 'club-file/not-a-zip', why: tellOf(cause) });
  }
  if (bytes > MOST_BYTES) return failure({ code: 'club-file/too-large', most: MOST_BYTES });
  const head = readPart(parts, 'club.json', clubFileHeadSchema);
  if (!head.ok) return head;
  const tables = new Map<string, readonly OpenRow[]>();
  for (const { name, isPersonal = false } of CLUB_TABLES) {
    if (isPersonal && !head.value.hasNames) continue;
    const rows = readPart(parts, `tables/${name}.json`, z.array(openRowSchema));
    if (!rows.ok) return rows;
    tables.set(name, rows.value);
  }
  if (tables.get('clubs')?.length !== 1)
    return failure({ code: 'club-file/no-club', part: 'tables/clubs.json', why: CLUB_PART_WORDS.oneRow });
  return success({ club: head.value.club, step: head.value.step, tables });
}

function readPart<Value>(
  parts: Readonly<Record<string, Uint8Array>>,
  part: string,
  schema: z.ZodMiniType<Value>,
): Result<Value, ClubFileFault> {
  const bytes = parts[part];
  if (bytes === undefined) return failure({ code: 'club-file/no-club', part, why: CLUB_PART_WORDS.missing });
  try {
    const read = schema.safeParse(JSON.parse(strFromU8(bytes)), { error: en().localeError });
    if (read.success) return success(read.data);
    const issue = read.error.issues[0];
    const why =
      issue === undefined ? CLUB_PART_WORDS.notUnderstood : `${issue.path.join('.')}: ${issue.message}`;
    return failure({ code: 'club-file/no-club', part, why });
  } catch (cause) {
    return failure({ code: 'club-file/no-club', part, why: tellOf(cause) });
  }
}

function tellOf(cause: unknown): string {
  return cause instanceof Error ? cause.message : String(cause);
}

async function store(db: Db, { tables, step }: ClubFile, club: string): Promise<ImportedClub> {
  if ((await findClubByName(db, club)) !== undefined)
    throw new Refusal({ code: 'club-file/name-taken', club });
  const shapes = await describeTables(db);
  const numbers = new Map<string, Map<number, number>>();
  const told = {
    codes: [] as ImportedClub['newCodes'][number][],
    names: [] as ImportedClub['newSignInNames'][number][],
  };
  let stored = 0;
  for (const table of CLUB_TABLES) {
    const shape = shapes.get(table.name);
    const rows = tables.get(table.name) ?? [];
    if (shape === undefined) continue;
    refuseOtherColumns(table.name, shape, rows, step);
    const renamed = table.name === 'clubs' ? rows.map((row) => ({ ...row, name: club })) : rows;
    const ready = await makeUnique(db, table.name, pointAnew(table, shape, renamed, numbers), told);
    const made = await storeRows(db, table.name, shape, ready);
    numbers.set(table.name, new Map(made.map((number, at) => [Number(rows[at]?.id), number])));
    stored += rows.length;
  }
  const clubId = [...(numbers.get('clubs')?.values() ?? [])][0] as ClubId;
  const isWaiting = (await listClubsToSetUp(db)).some((one) => one.clubId === clubId);
  return {
    club,
    rows: stored,
    newCodes: told.codes,
    newSignInNames: told.names,
    setUpCode: isWaiting ? makeSetUpCode(clubId) : undefined,
  };
}

/** Another version of the schema has a column more or less: guessing what it means would be worse than saying so. */
function refuseOtherColumns(table: string, shape: TableShape, rows: readonly OpenRow[], step: string): void {
  const first = rows[0];
  if (first === undefined) return;
  const column =
    Object.keys(first).find((name) => shape.columns.every((known) => known.name !== name)) ??
    shape.columns.find(({ name, isNeeded }) => isNeeded && !(name in first))?.name;
  if (column !== undefined) throw new Refusal({ code: 'club-file/other-version', table, column, step });
}

/** The rows with the numbers that hold here; their own numbers go, the database gives new ones. */
function pointAnew(
  table: ClubTable,
  shape: TableShape,
  rows: readonly OpenRow[],
  numbers: ReadonlyMap<string, ReadonlyMap<number, number>>,
): OpenRow[] {
  return rows.map((row, at) => {
    const made: OpenRow = {};
    for (const { name, kind, refersTo } of shape.columns) {
      const value = row[name];
      if (value === undefined || (name === 'id' && shape.isNumbered)) continue;
      if (refersTo !== undefined && value !== null) {
        const number = numbers.get(refersTo)?.get(Number(value));
        if (number === undefined)
          throw new Refusal({
            code: 'club-file/points-nowhere',
            table: table.name,
            row: at + 1,
            column: name,
          });
        made[name] = number;
      } else if (kind === 'json' && table.idsInside !== undefined) {
        made[name] = pointInside(value, table.idsInside, numbers);
      } else {
        made[name] = value;
      }
    }
    return made;
  });
}

/** An id of something that is gone becomes 0, which is nobody's. */
function pointInside(
  value: OpenRow[string],
  ids: Readonly<Record<string, string>>,
  numbers: ReadonlyMap<string, ReadonlyMap<number, number>>,
  of?: string,
): OpenRow[string] {
  if (typeof value === 'number') return of === undefined ? value : (numbers.get(of)?.get(value) ?? 0);
  if (Array.isArray(value)) return value.map((one) => pointInside(one, ids, numbers, of));
  if (value === null || typeof value !== 'object') return value;
  return Object.fromEntries(
    Object.entries(value).map(([key, one]) => [key, pointInside(one, ids, numbers, ids[key])]),
  );
}

/** What is unique over all clubs and may be another one's here. Ids that requests and devices made are of no more use: their answers are stored. */
/** Their rows have an id made on a device, which must be the only one of its kind. */
const SENT_BY_DEVICES = ['attempts', 'shown_solutions', 'suggestions'];

async function makeUnique(
  db: Db,
  table: string,
  rows: readonly OpenRow[],
  told: { codes: ImportedClub['newCodes'][number][]; names: ImportedClub['newSignInNames'][number][] },
): Promise<OpenRow[]> {
  const made: OpenRow[] = [];
  for (const row of rows) {
    const one: OpenRow = { ...row };
    if ('request_id' in one) one.request_id = null;
    if (SENT_BY_DEVICES.includes(table) && 'client_id' in one) one.client_id = makeUuid();
    if (typeof one.join_code === 'string' && (await findClassByJoinCode(db, one.join_code)) !== undefined) {
      const code = drawJoinCode();
      told.codes.push({ className: typeof one.name === 'string' ? one.name : '', code });
      one.join_code = code;
    }
    if (typeof one.sign_in_name === 'string') {
      const is = await findFreeName(db, one.sign_in_name);
      if (is !== one.sign_in_name) told.names.push({ was: one.sign_in_name, is });
      one.sign_in_name = is;
    }
    made.push(one);
  }
  return made;
}

async function findFreeName(db: Db, name: string): Promise<string> {
  for (let number = 1; ; number += 1) {
    const free = number === 1 ? name : `${name.slice(0, 54)}-${number}`;
    if ((await findCoachBySignInName(db, free)) === undefined) return free;
  }
}

async function storeRows(
  db: Db,
  table: string,
  shape: TableShape,
  rows: readonly OpenRow[],
): Promise<number[]> {
  try {
    return await insertRows(db, table, shape, rows);
  } catch (cause) {
    // The database's own words name the column; a deadlock is tried again by the transaction.
    if (cause instanceof Error && 'errno' in cause && REFUSED.includes(Number(cause.errno))) {
      const why = 'sqlMessage' in cause ? String(cause.sqlMessage) : cause.message;
      throw new Refusal({ code: 'club-file/not-taken', table, why });
    }
    throw cause;
  }
}

/** What a value that does not fit gives: null, too long, out of range, wrong kind, doubled, pointing nowhere, no JSON. */
const REFUSED = [1048, 1062, 1264, 1265, 1292, 1364, 1366, 1406, 1452, 4025];
