/**
 * Reading rows with the types of their columns. Knex knows the columns of one table; of a join every row is `any` to it. Here a query is
 * told which columns of which tables are wanted and under what names, and the rows come back with the types the schema gives them.
 *
 *   await listRows(db('attempts').join('tasks', …).where(…), { attemptId: 'attempts.id', family: 'tasks.family' })
 */
import type { Knex } from 'knex';
import type { NewRows, Rows } from './tables';

export type TableName = keyof Rows;

/** A column with its table: 'attempts.id'. */
export type ColumnName = { [Table in TableName]: `${Table}.${string & keyof Rows[Table]}` }[TableName];

type ValueOf<Name extends ColumnName> = Name extends `${infer Table}.${infer Column}`
  ? Table extends TableName
    ? Column extends keyof Rows[Table]
      ? Rows[Table][Column]
      : never
    : never
  : never;

/** Something to read that is not simply a column, and how what arrives is read. */
export interface Picked<Value> {
  readonly from: string | Knex.Raw | Knex.QueryBuilder;
  readonly read: (value: unknown) => Value;
}

/** What is wanted, each under its name. */
export type Columns = Readonly<Record<string, ColumnName | Picked<unknown>>>;

/** A row of these columns. */
export type Selected<Wanted extends Columns> = {
  readonly [Name in keyof Wanted]: Wanted[Name] extends ColumnName
    ? ValueOf<Wanted[Name]>
    : Wanted[Name] extends Picked<infer Value>
      ? Value
      : never;
};

/** The column of a table that is joined on the left: null where nothing was joined. */
export function optional<Name extends ColumnName>(name: Name): Picked<ValueOf<Name> | null> {
  return { from: name, read: (value) => value as ValueOf<Name> | null };
}

/** The column of a table that stands in the query under another name; null where it is joined on the left and nothing was. */
export function under<Name extends ColumnName>(alias: string, name: Name): Picked<ValueOf<Name> | null> {
  return {
    from: `${alias}.${name.slice(name.indexOf('.') + 1)}`,
    read: (value) => value as ValueOf<Name> | null,
  };
}

/** A column with JSON, or with a word of a closed list, as what it means. */
export function parsed<Name extends ColumnName, Value>(
  name: Name,
  read: (value: ValueOf<Name>) => Value,
): Picked<Value> {
  return { from: name, read: (value) => read(value as ValueOf<Name>) };
}

/** What the database works out, and how it is read: counts with `Number`, truths with `Boolean`; sums arrive as text. */
export function computed<Value>(
  from: Knex.Raw | Knex.QueryBuilder,
  read: (value: unknown) => Value,
): Picked<Value> {
  return { from, read };
}

/** JSON out of an expression or a subquery: read directly it arrives parsed, else as its text. */
export function readJson(value: unknown): unknown {
  return typeof value === 'string' ? (JSON.parse(value) as unknown) : value;
}

/** Columns kept under a name of their own, for several queries. */
export function columnsOf<const Wanted extends Columns>(wanted: Wanted): Wanted {
  return wanted;
}

/** Asks a query for these columns; sent on its own or with others (`sendTogether`), its rows are read by `readRows`. */
export function selectColumns(query: Knex.QueryBuilder, wanted: Columns): Knex.QueryBuilder {
  const from = Object.entries(wanted).map(([name, column]) => [
    name,
    typeof column === 'string' ? column : column.from,
  ]);
  return query.select(Object.fromEntries(from));
}

/** Rows as they came, read. */
export function readRows<const Wanted extends Columns>(
  wanted: Wanted,
  rows: readonly unknown[],
): Selected<Wanted>[] {
  const read = Object.entries(wanted).flatMap(([name, column]) =>
    typeof column === 'string' ? [] : [[name, column.read] as const],
  );
  return rows.map((raw) => {
    const row = { ...(raw as Record<string, unknown>) };
    for (const [name, parse] of read) row[name] = parse(row[name]);
    return row as Selected<Wanted>;
  });
}

/** All rows of a query. */
export async function listRows<const Wanted extends Columns>(
  query: Knex.QueryBuilder,
  wanted: Wanted,
): Promise<Selected<Wanted>[]> {
  const rows: unknown = await selectColumns(query, wanted);
  return readRows(wanted, rows as unknown[]);
}

/** The first row of a query. */
export async function findRow<const Wanted extends Columns>(
  query: Knex.QueryBuilder,
  wanted: Wanted,
): Promise<Selected<Wanted> | undefined> {
  return (await listRows(query.limit(1), wanted))[0];
}

/** How many rows a query finds. */
export async function countRows(query: Knex.QueryBuilder): Promise<number> {
  const [counted] = (await query.count({ found: '*' })) as [{ readonly found: number | string }];
  return Number(counted.found);
}

/** One column of all rows. */
export async function listValues<Name extends ColumnName>(
  query: Knex.QueryBuilder,
  name: Name,
): Promise<ValueOf<Name>[]> {
  const rows = await listRows(query, { value: name });
  return rows.map(({ value }) => value as ValueOf<Name>);
}

/** One column of the first row. */
export async function findValue<Name extends ColumnName>(
  query: Knex.QueryBuilder,
  name: Name,
): Promise<ValueOf<Name> | undefined> {
  return (await listValues(query.limit(1), name))[0];
}

type IdOf<Table extends TableName> = Rows[Table] extends { readonly id: infer Id } ? Id : never;

/** Adds a row to a table whose rows are numbered by the database; the number is its id. */
export async function insertRow<Table extends TableName>(
  db: Knex,
  table: Table,
  row: NewRows[Table],
): Promise<IdOf<Table>> {
  const ids: unknown = await (db as Knex<Record<string, unknown>>)(table as string).insert({ ...row });
  return (ids as [IdOf<Table>])[0];
}
