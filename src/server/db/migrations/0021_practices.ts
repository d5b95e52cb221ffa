import type { Knex } from 'knex';
import { addExactText, addReference, addRequestId } from '../columns';

export const name = '0021_practices';
export const makes = 'practices';

/** A round of fresh tasks that a student began on the path, without an assignment. */
export async function up(knex: Knex): Promise<void> {
  await knex.schema.createTable(makes, (table) => {
    addReference(table, 'round_id', 'rounds').notNullable().primary();
    addReference(table, 'class_id', 'classes').notNullable();
    addExactText(table, 'stage', 40).notNullable();
    addRequestId(table);
  });
}

export async function down(knex: Knex): Promise<void> {
  await knex.schema.dropTableIfExists(makes);
}
