import type { Knex } from 'knex';

/** A reference to the id of another table; deleting what is still referred to is refused. */
export function addReference(table: Knex.CreateTableBuilder, column: string, to: string) {
  return table.integer(column).unsigned().references('id').inTable(to);
}

/** Text compared byte by byte: default collations ignore case, so k and K, bxc3 and Bxc3 would be equal. */
export function addExactText(table: Knex.CreateTableBuilder, column: string, length: number) {
  return table.specificType(column, `VARCHAR(${length}) CHARACTER SET ascii COLLATE ascii_bin`);
}

/** A moment in UTC with milliseconds. */
export function addMoment(table: Knex.CreateTableBuilder, column: string) {
  return table.specificType(column, 'DATETIME(3)');
}

/** An id made by the client, so that the same request sent twice is stored once. */
export function addRequestId(table: Knex.CreateTableBuilder) {
  return addExactText(table, 'request_id', 36).nullable().unique();
}
