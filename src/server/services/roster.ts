/** Rosters in and out as CSV. Only nicknames are read: other columns are named and left out. */
import { stringify } from 'csv-stringify/sync';
import { v5 as uuidOf } from 'uuid';
import type { ServiceFault } from '@/contracts/faults';
import type { ClassId } from '@/contracts/ids';
import { nameSchema } from '@/contracts/people';
import { MOST_ROSTER_ROWS, type ReadRoster, type RosterFault } from '@/contracts/roster';
import { failure, success, type Result } from '@/core/shared';
import { runInPool } from '@/workers/node';
import type { TableRow } from '@/workers/protocol';
import { requireVisibleClass, requireEditableClass, type CoachActor } from '../auth/actors';
import { listClasses, listStudents } from '../data/classes';
import { listEnrolments } from '../data/enrolments';
import { getDb } from '../db';
import { addStudent, type NewKey } from './classes';

const NAME_HEADINGS = ['name', 'nickname', 'child', 'student'];
const LEFT_HEADING = 'to';
const MOST_LETTERS = 40;
/** Nobody keeps a list of names in a wider table. */
const MOST_COLUMNS = 60;
const nameField = nameSchema(MOST_LETTERS);

/** What a text holds, row by row, with the reason why a row is not offered. Nothing is stored. */
export async function readRoster(
  actor: CoachActor,
  { classId, text }: { readonly classId: ClassId; readonly text: string },
): Promise<Result<ReadRoster, ServiceFault>> {
  const db = getDb();
  if ((await requireEditableClass(db, actor, classId)) === undefined)
    return failure({ code: 'class/not-found' });
  const read = await readRows(text);
  if (!read.ok) return read;
  const [first, ...others] = read.value;
  if (first === undefined) return failure({ code: 'roster/no-names' });
  const headings = first.cells.map((cell) => cell.toLowerCase());
  const named = headings.findIndex((heading) => NAME_HEADINGS.includes(heading));
  const isBare = named < 0 && read.value.every(({ cells }) => cells.length === 1);
  if (named < 0 && !isBare) return failure({ code: 'roster/no-names' });
  const rows = isBare ? read.value : others;
  if (rows.length > MOST_ROSTER_ROWS) return failure({ code: 'roster/too-long', most: MOST_ROSTER_ROWS });
  const left = headings.indexOf(LEFT_HEADING);
  const inClass = new Set((await listStudents(db, classId)).map(({ name }) => toComparable(name)));
  const before = new Set<string>();
  return success({
    rows: rows.map(({ line, cells }) => {
      const text = cells[Math.max(0, named)] ?? '';
      const parsed = nameField.safeParse(text);
      const name = parsed.success ? parsed.data : text;
      const hasLeft = !isBare && left >= 0 && (cells[left] ?? '') !== '';
      const fault = hasLeft ? 'has-left' : findFault(name, parsed.success, inClass, before);
      before.add(toComparable(name));
      return { line, name, fault };
    }),
    leftOut: isBare ? [] : first.cells.filter((_, index) => index !== named && index !== left),
  });
}

function findFault(
  name: string,
  isName: boolean,
  inClass: ReadonlySet<string>,
  before: ReadonlySet<string>,
): RosterFault | undefined {
  if (name === '') return 'no-name';
  if (name.length > MOST_LETTERS) return 'too-long';
  if (!isName) return 'no-text';
  if (inClass.has(toComparable(name))) return 'in-class';
  return before.has(toComparable(name)) ? 'twice' : undefined;
}

/** Two nicknames that differ by case alone would be one on a name card. */
const toComparable = (name: string) => name.normalize('NFC').toLocaleLowerCase('en');

/** Read by the worker threads: a text made to be slow keeps nobody else waiting. */
async function readRows(text: string): Promise<Result<readonly TableRow[], ServiceFault>> {
  // One row more than may be, and a heading.
  const mostRows = MOST_ROSTER_ROWS + 2;
  const read = await runInPool({ kind: 'read-table', text, mostRows, mostCells: MOST_COLUMNS });
  if (read.kind === 'busy') return failure({ code: 'workers/busy' });
  if (read.kind === 'no-table') return failure({ code: 'roster/unreadable', line: read.line });
  return success(read.rows);
}

/** Adds children with a fresh key each; the same request again gives the same children fresh keys. */
export async function addStudents(
  actor: CoachActor,
  input: { readonly requestId: string; readonly classId: ClassId; readonly names: readonly string[] },
): Promise<Result<readonly NewKey[], ServiceFault>> {
  const keys: NewKey[] = [];
  for (const [index, name] of input.names.entries()) {
    // By name, not by place: a list from which a row was taken since must not pass one child for another.
    const twins = input.names.slice(0, index).filter((other) => other === name).length;
    const requestId = uuidOf(`${twins} ${name}`, input.requestId);
    const added = await addStudent(actor, { requestId, classId: input.classId, name });
    if (!added.ok) return added;
    keys.push(added.value);
  }
  return success(keys);
}

/** Who is and was in a class, or in all classes this coach may see. */
export async function exportRoster(
  actor: CoachActor,
  { classId }: { readonly classId?: ClassId | undefined },
): Promise<Result<string, ServiceFault>> {
  const db = getDb();
  if (classId !== undefined && (await requireVisibleClass(db, actor, classId)) === undefined)
    return failure({ code: 'class/not-found' });
  const own = await listClasses(db, actor.clubId, actor.isLead ? undefined : actor.coachId);
  const seen = new Set(classId === undefined ? own.map((one) => one.classId) : [classId]);
  const enrolments = (await listEnrolments(db, { clubId: actor.clubId })).filter((one) =>
    seen.has(one.classId),
  );
  return success(
    stringify(
      enrolments.map(({ className, termName, name, startsOn, endsOn }) => ({
        term: termName,
        class: className,
        name,
        from: startsOn,
        to: endsOn ?? '',
      })),
      // A name that begins like a formula would be run by a spreadsheet.
      { header: true, columns: ['term', 'class', 'name', 'from', 'to'], escape_formulas: true },
    ),
  );
}
