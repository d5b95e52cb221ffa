/** The types of all tables, written from the schema as the migrations make it: `npm run tables` stores them, a test compares. */
import type { Knex } from 'knex';

/** Tables of the tools that migrate and lock: no data function reads them. */
const TOOLS = new Set(['knex_migrations', 'schema_lock']);

/** Which kind of id the rows of a table have; of other tables, nobody outside hands ids around. */
const IDS: Readonly<Record<string, string>> = {
  assignments: 'AssignmentId',
  attempts: 'AttemptId',
  classes: 'ClassId',
  clubs: 'ClubId',
  club_patterns: 'ClubPatternId',
  enrolments: 'EnrolmentId',
  games: 'GameId',
  lesson_plans: 'PlanId',
  lessons: 'LessonId',
  live_lessons: 'LiveId',
  live_questions: 'QuestionId',
  mails: 'EmailId',
  people: 'CoachId | StudentId',
  roster_changes: 'RosterChangeId',
  rounds: 'RoundId',
  sets: 'SetId',
  set_versions: 'SetVersionId',
  tasks: 'TaskId',
  terms: 'TermId',
};

/** Text that is one of a few words. */
const CLOSED: Readonly<Record<string, string>> = {
  'people.kind': "'lead' | 'coach' | 'student'",
  'verdicts.outcome': 'VerdictOutcome',
  'games.side': 'Side',
};

/** Rows that are only ever added. */
const UNCHANGED = new Set(['attempts', 'verdicts', 'shown_solutions', 'rating_steps']);

interface ColumnFacts {
  readonly table: string;
  readonly name: string;
  readonly type: string;
  readonly isNullable: boolean;
  /** The database fills it in. */
  readonly isFilled: boolean;
  readonly isJson: boolean;
  readonly refersTo: string | null;
}

/** The text of `src/server/db/tables.ts`. */
export async function makeTableTypes(db: Knex): Promise<string> {
  const columns = await listColumns(db);
  const tables = [...new Set(columns.map(({ table }) => table))];
  const body = tables.map((table) => {
    const own = columns.filter((column) => column.table === table);
    return { table, read: own.map(readLine), write: own.map(writeLine) };
  });
  const text = JSON.stringify(body);
  const ids = [...new Set(Object.values(IDS).flatMap((name) => name.split(' | ')))];
  return [
    '// Written by `npm run tables` from the migrated schema; a test compares the two. Do not edit.',
    "import type { Knex } from 'knex';",
    `import type { ${ids.filter((name) => text.includes(name)).join(', ')} } from '@/contracts/ids';`,
    "import type { VerdictOutcome } from '@/core/exercises';",
    "import type { Side } from '@/core/board';",
    '',
    '/** Rows as the driver returns them: moments and days as Date, JSON parsed. */',
    'export interface Rows {',
    ...body.map(({ table, read }) => `${table}: { ${read.join(' ')} };`),
    '}',
    '',
    '/** Rows as they are added: days and JSON as text; what the database fills in may be left out. */',
    'export interface NewRows {',
    ...body.map(({ table, write }) => `${table}: { ${write.join(' ')} };`),
    '}',
    '',
    "declare module 'knex/types/tables' {",
    'interface Tables {',
    ...tables.map(
      (table) =>
        `${table}: Knex.CompositeTableType<Rows['${table}'], NewRows['${table}'], ` +
        `${UNCHANGED.has(table) ? 'never' : `Partial<NewRows['${table}']>`}>;`,
    ),
    '}',
    '}',
    '',
  ].join('\n');
}

function readLine(column: ColumnFacts): string {
  return `readonly ${column.name}: ${readType(column)}${column.isNullable ? ' | null' : ''};`;
}

function writeLine(column: ColumnFacts): string {
  const isOptional = column.isNullable || column.isFilled;
  return `readonly ${column.name}${isOptional ? '?' : ''}: ${writeType(column)}${column.isNullable ? ' | null' : ''};`;
}

function readType(column: ColumnFacts): string {
  if (column.isJson) return 'unknown';
  switch (column.type) {
    case 'date':
    case 'datetime':
      return 'Date';
    case 'longblob':
      return 'Buffer';
    case 'bigint':
      return 'number | string';
    case 'varchar':
    case 'text':
    case 'longtext':
      return CLOSED[`${column.table}.${column.name}`] ?? 'string';
    default:
      return numberType(column);
  }
}

function writeType(column: ColumnFacts): string {
  if (column.isJson || column.type === 'date') return 'string';
  if (column.type === 'flag') return 'boolean';
  return readType(column);
}

function numberType({ table, name, refersTo }: ColumnFacts): string {
  const of = name === 'id' ? table : refersTo;
  if (of === null) return 'number';
  if (of === 'people' && name === 'student_id') return 'StudentId';
  if (of === 'people' && name !== 'id' && name !== 'person_id') return 'CoachId';
  return IDS[of] ?? 'number';
}

async function listColumns(db: Knex): Promise<ColumnFacts[]> {
  const [rows] = (await db.raw(`
    SELECT c.table_name AS 'table', c.column_name AS name,
      IF(c.column_type = 'tinyint(1)', 'flag', c.data_type) AS type,
      c.is_nullable = 'YES' AS nullable,
      c.extra = 'auto_increment' OR (c.column_default IS NOT NULL AND c.column_default <> 'NULL') AS filled,
      j.check_clause IS NOT NULL AS json,
      (SELECT k.referenced_table_name FROM information_schema.key_column_usage k
        WHERE k.table_schema = c.table_schema AND k.table_name = c.table_name AND k.column_name = c.column_name
          AND k.referenced_table_name IS NOT NULL LIMIT 1) AS refers
    FROM information_schema.columns c
    LEFT JOIN information_schema.check_constraints j
      ON j.constraint_schema = c.table_schema AND j.table_name = c.table_name
        AND j.check_clause = CONCAT('json_valid(\`', c.column_name, '\`)')
    WHERE c.table_schema = DATABASE() ORDER BY c.table_name, c.ordinal_position`)) as [
    {
      table: string;
      name: string;
      type: string;
      nullable: 0 | 1;
      filled: 0 | 1;
      json: 0 | 1;
      refers: string | null;
    }[],
  ];
  return rows
    .filter(({ table }) => !TOOLS.has(table))
    .map(({ table, name, type, nullable, filled, json, refers }) => ({
      table,
      name,
      type,
      isNullable: nullable === 1,
      isFilled: filled === 1,
      isJson: json === 1,
      refersTo: refers,
    }));
}
