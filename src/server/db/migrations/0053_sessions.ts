import type { Knex } from 'knex';
import { addExactText, addMoment, addReference } from '../columns';

export const name = '0053_sessions';
export const makes = 'sessions';

/** Who is signed in on which device: a session that was ended here opens nothing any more, whatever cookie is shown. */
export async function up(knex: Knex): Promise<void> {
  await knex.schema.createTable(makes, (table) => {
    addExactText(table, 'id', 36).notNullable().primary();
    addReference(table, 'person_id', 'people').notNullable();
    addMoment(table, 'started_at').notNullable();
    table.index(['person_id', 'started_at']);
  });
}

export async function down(knex: Knex): Promise<void> {
  await knex.schema.dropTableIfExists(makes);
}
