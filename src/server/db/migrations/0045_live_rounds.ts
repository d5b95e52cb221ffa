import type { Knex } from 'knex';
import { addReference } from '../columns';

export const name = '0045_live_rounds';
export const makes = 'live_rounds';

/** A child's practice round that is its answer to a question of the big board. */
export async function up(knex: Knex): Promise<void> {
  await knex.schema.createTable(makes, (table) => {
    addReference(table, 'round_id', 'rounds').notNullable().primary();
    addReference(table, 'live_question_id', 'live_questions').notNullable();
  });
}

export async function down(knex: Knex): Promise<void> {
  await knex.schema.dropTableIfExists(makes);
}
