import type { Knex } from 'knex';
import { addExactText, addReference } from '../columns';

export const name = '0023_class_stages';
export const makes = 'class_stages';

/** The order of the stages in a class and which are open; a class without rows follows the usual order, all open. */
export async function up(knex: Knex): Promise<void> {
  await knex.schema.createTable(makes, (table) => {
    addReference(table, 'class_id', 'classes').notNullable();
    addExactText(table, 'stage', 40).notNullable();
    table.integer('ordinal').unsigned().notNullable();
    table.boolean('is_open').notNullable();
    table.primary(['class_id', 'stage']);
  });
}

export async function down(knex: Knex): Promise<void> {
  await knex.schema.dropTableIfExists(makes);
}
