import type { Knex } from 'knex';

/** A statement that is not sent yet. */
export type Statement = Knex.QueryBuilder | Knex.Raw;

/**
 * Sends several statements in one journey; the database runs them in order and stops at the first that fails. An answer of a child needs a
 * dozen, and each journey costs the server more than the database needs for what it asks. Resolves to the rows each reading one found, in
 * order. MariaDB's compound statement outside of stored programs: MariaDB Knowledge Base, "Using Compound Statements Outside of Stored
 * Programs". Call it inside a transaction.
 */
export async function sendTogether(db: Knex, statements: readonly Statement[]): Promise<unknown[][]> {
  const sql = statements.map(() => '?;').join(' ');
  const [answers] = (await db.raw(`BEGIN NOT ATOMIC ${sql} END`, [...statements])) as [unknown];
  // Behind the rows comes one word for all that was written.
  return Array.isArray(answers) ? answers.filter((answer): answer is unknown[] => Array.isArray(answer)) : [];
}
