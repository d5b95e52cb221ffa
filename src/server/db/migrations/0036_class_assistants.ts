import type { Knex } from 'knex';
import { addReference } from '../columns';

export const name = '0036_class_assistants';
export const makes = 'class_assistants';

export async function up(knex: Knex): Promise<void> {
  await knex.schema.createTable(makes, (table) => {
    addReference(table, 'class_id', 'classes').notNullable();
    addReference(table, 'coach_id', 'people').notNullable();
    table.primary(['class_id', 'coach_id']);
  });
}

export async function down(knex: Knex): Promise<void> {
  await knex.schema.dropTableIfExists(makes);
}
