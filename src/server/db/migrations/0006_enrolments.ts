import type { Knex } from 'knex';
import { addReference } from '../columns';

export const name = '0006_enrolments';
export const makes = 'enrolments';

export async function up(knex: Knex): Promise<void> {
  await knex.schema.createTable(makes, (table) => {
    table.increments('id');
    addReference(table, 'class_id', 'classes').notNullable();
    addReference(table, 'student_id', 'people').notNullable();
    table.specificType('starts_on', 'DATE').notNullable();
    // The last day in the class; open while null.
    table.specificType('ends_on', 'DATE').nullable();
    table.index(['class_id', 'ends_on']);
  });
}

export async function down(knex: Knex): Promise<void> {
  await knex.schema.dropTableIfExists(makes);
}
