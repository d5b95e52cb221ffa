import type { Knex } from 'knex';
import { addExactText, addReference } from '../columns';

export const name = '0025_student_stages';
export const makes = 'student_stages';

/** Stages that are open or closed for one child, whatever holds for its class. */
export async function up(knex: Knex): Promise<void> {
  await knex.schema.createTable(makes, (table) => {
    addReference(table, 'student_id', 'people').notNullable();
    addExactText(table, 'stage', 40).notNullable();
    table.boolean('is_open').notNullable();
    table.primary(['student_id', 'stage']);
  });
}

export async function down(knex: Knex): Promise<void> {
  await knex.schema.dropTableIfExists(makes);
}
