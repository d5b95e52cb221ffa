/**
 * All that belongs to one club, table by table, in a form that another installation can read: for taking a club from one to the other. What
 * the columns are is asked of the database, so that a step of the schema changes nothing here unless it makes a table.
 */
import type { OpenRow } from '@/contracts/clubFile';
import type { ClubId } from '@/contracts/ids';
import type { Knex } from 'knex';
import type { Db } from '../db';
import { toDay } from './days';

export interface ClubTable {
  readonly name: string;
  /** Through which column its rows belong to the club; the club's own table has none. */
  readonly owner?: { readonly column: string; readonly table: string };
  /** Columns that people write in, where a name may stand. */
  readonly texts?: readonly string[];
  /** Ids that stand inside JSON, by their key there, and the table each is of. */
  readonly idsInside?: Readonly<Record<string, string>>;
  /** Left out of a file without names. */
  readonly isPersonal?: boolean;
}

const by = (column: string, table: string) => ({ column, table });
const OF_CLUB = by('club_id', 'clubs');
const OF_CLASS = by('class_id', 'classes');
const OF_STUDENT = by('student_id', 'people');
const OF_TASK = by('task_id', 'tasks');
const OF_ROUND = by('round_id', 'rounds');
const OF_LESSON = by('lesson_id', 'lessons');

/** Those that are referred to come before those that refer. */
export const CLUB_TABLES: readonly ClubTable[] = [
  { name: 'clubs' },
  { name: 'people', owner: OF_CLUB },
  { name: 'terms', owner: OF_CLUB, texts: ['name'] },
  { name: 'holidays', owner: OF_CLUB, texts: ['name'] },
  { name: 'classes', owner: OF_CLUB, texts: ['name'] },
  { name: 'class_coaches', owner: OF_CLASS },
  { name: 'class_assistants', owner: OF_CLASS },
  { name: 'class_stages', owner: OF_CLASS },
  { name: 'class_voices', owner: OF_CLASS },
  { name: 'class_levels', owner: OF_CLASS },
  { name: 'student_stages', owner: OF_STUDENT },
  { name: 'enrolments', owner: OF_CLASS },
  { name: 'house_words', owner: OF_CLUB, texts: ['text'] },
  { name: 'club_patterns', owner: OF_CLUB, texts: ['name'] },
  { name: 'tasks', owner: OF_CLUB, texts: ['source'] },
  { name: 'task_solutions', owner: OF_TASK },
  { name: 'task_tags', owner: OF_TASK },
  { name: 'task_ideas', owner: OF_CLUB },
  { name: 'task_grades', owner: OF_TASK },
  { name: 'puzzle_facts', owner: OF_CLUB },
  { name: 'sets', owner: OF_CLUB, texts: ['name'] },
  { name: 'staircase_sets', owner: by('set_id', 'sets') },
  { name: 'set_versions', owner: by('set_id', 'sets') },
  { name: 'set_items', owner: by('set_version_id', 'set_versions') },
  { name: 'assignments', owner: OF_CLASS },
  { name: 'rounds', owner: OF_STUDENT },
  { name: 'practices', owner: OF_ROUND },
  { name: 'practice_tasks', owner: OF_ROUND },
  { name: 'practice_reasons', owner: OF_ROUND },
  { name: 'attempts', owner: OF_STUDENT },
  { name: 'verdicts', owner: by('attempt_id', 'attempts') },
  { name: 'shown_solutions', owner: OF_STUDENT },
  // In which order answers were rated stands nowhere else.
  { name: 'task_ratings', owner: OF_CLUB },
  { name: 'student_ratings', owner: OF_STUDENT },
  { name: 'rating_steps', owner: OF_STUDENT },
  { name: 'games', owner: OF_CLUB, texts: ['title'] },
  { name: 'game_chances', owner: by('game_id', 'games') },
  {
    name: 'roster_changes',
    owner: OF_CLUB,
    idsInside: { begun: 'enrolments', ended: 'enrolments', made: 'classes', codes: 'classes' },
  },
  { name: 'lesson_plans', owner: OF_CLASS, texts: ['title', 'segments'], idsInside: { setId: 'sets' } },
  { name: 'lessons', owner: OF_CLASS },
  { name: 'attendances', owner: OF_LESSON },
  { name: 'catch_ups', owner: OF_LESSON },
  { name: 'live_lessons', owner: OF_CLASS },
  { name: 'live_questions', owner: by('live_lesson_id', 'live_lessons'), texts: ['words'] },
  { name: 'live_rounds', owner: OF_ROUND },
  { name: 'suggestions', owner: by('live_question_id', 'live_questions') },
  { name: 'mails', owner: OF_CLUB, isPersonal: true },
  { name: 'refused_answers', owner: OF_STUDENT, isPersonal: true },
  {
    name: 'audit_log',
    owner: OF_CLUB,
    isPersonal: true,
    idsInside: {
      studentId: 'people',
      coachId: 'people',
      classId: 'classes',
      termId: 'terms',
      setId: 'sets',
      gameId: 'games',
      changeId: 'roster_changes',
    },
  },
];

/** Not of a club: worked out from its answers, or of this installation alone. */
export const OTHER_TABLES = ['topic_progress', 'sessions', 'throttles', 'unsent_answers'] as const;

interface Column {
  readonly name: string;
  readonly kind: 'moment' | 'day' | 'json' | 'bytes' | 'plain';
  /** It must be given. */
  readonly isNeeded: boolean;
  readonly refersTo: string | undefined;
}

export interface TableShape {
  readonly columns: readonly Column[];
  readonly keys: readonly string[];
  /** Its rows are numbered by the database. */
  readonly isNumbered: boolean;
}

/** The columns of these tables, as the database has them. */
export async function describeTables(db: Db): Promise<ReadonlyMap<string, TableShape>> {
  const [[columns], [references], [checks]] = (await Promise.all([
    db.raw(`SELECT table_name AS tab, column_name AS col, data_type AS type, column_key AS part, extra,
              is_nullable = 'NO' AND column_default IS NULL AND extra NOT LIKE '%auto_increment%' AS needed
            FROM information_schema.columns WHERE table_schema = DATABASE() ORDER BY ordinal_position`),
    db.raw(`SELECT table_name AS tab, column_name AS col, referenced_table_name AS target
            FROM information_schema.key_column_usage
            WHERE table_schema = DATABASE() AND referenced_table_name IS NOT NULL`),
    // A JSON column is a text with a check in this database.
    db.raw(`SELECT table_name AS tab, constraint_name AS col FROM information_schema.check_constraints
            WHERE constraint_schema = DATABASE() AND check_clause LIKE 'json_valid(%'`),
  ])) as [
    [{ tab: string; col: string; type: string; part: string; extra: string; needed: number }[]],
    [{ tab: string; col: string; target: string }[]],
    [{ tab: string; col: string }[]],
  ];
  const isSame = (one: { tab: string; col: string }) => (other: { tab: string; col: string }) =>
    one.tab === other.tab && one.col === other.col;
  return new Map(
    CLUB_TABLES.map(({ name }) => {
      const own = columns.filter(({ tab }) => tab === name);
      const shape: TableShape = {
        columns: own.map((column) => ({
          name: column.col,
          kind: checks.some(isSame(column)) ? 'json' : (KINDS[column.type] ?? 'plain'),
          isNeeded: column.needed === 1,
          refersTo: references.find(isSame(column))?.target,
        })),
        keys: own.flatMap(({ col, part }) => (part === 'PRI' ? col : [])),
        isNumbered: own.some(({ extra }) => extra.includes('auto_increment')),
      };
      return [name, shape] as const;
    }),
  );
}

const KINDS: Readonly<Record<string, Column['kind']>> = {
  datetime: 'moment',
  date: 'day',
  longblob: 'bytes',
};

/** The club's rows of this table, in the order of their keys. */
export async function listClubRows(
  db: Db,
  table: ClubTable,
  shape: TableShape,
  clubId: ClubId,
): Promise<OpenRow[]> {
  const rows = (await ownRows(db, table, clubId)
    .orderBy(shape.keys.map((column) => ({ column })))
    .select('*')) as Record<string, unknown>[];
  return rows.map((row) =>
    Object.fromEntries(shape.columns.map(({ name, kind }) => [name, toOpen(row[name], kind)])),
  );
}

/** A fresh builder; it never leaves this file. */
function ownRows(db: Db, { name, owner }: ClubTable, clubId: ClubId): Knex.QueryBuilder {
  if (owner === undefined) return db(name).where({ id: clubId });
  const above = CLUB_TABLES.find((table) => table.name === owner.table);
  if (above?.owner === undefined) return db(name).where({ [owner.column]: clubId });
  return db(name).whereIn(owner.column, ownRows(db, above, clubId).select('id'));
}

function toOpen(value: unknown, kind: Column['kind']): OpenRow[string] {
  if (value === null || value === undefined) return null;
  if (value instanceof Date) return kind === 'day' ? toDay(value) : value.toISOString();
  if (Buffer.isBuffer(value)) return value.toString('base64');
  return value as OpenRow[string];
}

function fromOpen(value: OpenRow[string] | undefined, kind: Column['kind']): unknown {
  if (value === null || value === undefined) return null;
  if (kind === 'json') return JSON.stringify(value);
  if (kind === 'moment' && typeof value === 'string') return new Date(value);
  if (kind === 'bytes' && typeof value === 'string') return Buffer.from(value, 'base64');
  return value;
}

/** Statements stay well under what a server takes at once (16 MB by default). */
const MOST_ROWS = 500;
const MOST_LETTERS = 1_000_000;

/** Stores rows in this order; gives the numbers they got, none for a table without. */
export async function insertRows(
  db: Db,
  table: string,
  shape: TableShape,
  rows: readonly OpenRow[],
): Promise<number[]> {
  const [[{ step }]] = (await db.raw('SELECT @@auto_increment_increment AS step')) as [[{ step: number }]];
  const numbers: number[] = [];
  for (const batch of inBatches(rows)) {
    const stored = batch.map((row) =>
      Object.fromEntries(
        shape.columns
          .filter(({ name }) => name in row)
          .map(({ name, kind }) => [name, fromOpen(row[name], kind)]),
      ),
    );
    // The rows of one statement get numbers in a row, in every mode of the database's counter.
    const [first = 0] = await db(table).insert(stored);
    if (shape.isNumbered) numbers.push(...batch.map((_, at) => first + at * step));
  }
  return numbers;
}

function* inBatches(rows: readonly OpenRow[]): Generator<OpenRow[]> {
  let batch: OpenRow[] = [];
  let letters = 0;
  for (const row of rows) {
    batch.push(row);
    letters += JSON.stringify(row).length;
    if (batch.length < MOST_ROWS && letters < MOST_LETTERS) continue;
    yield batch;
    batch = [];
    letters = 0;
  }
  if (batch.length > 0) yield batch;
}
