import type { Knex } from 'knex';
import { addReference } from '../columns';

export const name = '0005_class_coaches';
export const makes = 'class_coaches';

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
