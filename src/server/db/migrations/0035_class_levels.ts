import type { Knex } from 'knex';
import { addReference } from '../columns';

export const name = '0035_class_levels';
export const makes = 'class_levels';

export async function up(knex: Knex): Promise<void> {
  await knex.schema.createTable(makes, (table) => {
    addReference(table, 'class_id', 'classes').notNullable().primary();
    // As of tasks, 1 to 5; a class without a row has children of all levels.
    table.specificType('level', 'TINYINT UNSIGNED').notNullable();
  });
}

export async function down(knex: Knex): Promise<void> {
  await knex.schema.dropTableIfExists(makes);
}
