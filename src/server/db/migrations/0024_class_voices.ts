import type { Knex } from 'knex';
import { addExactText, addReference } from '../columns';

export const name = '0024_class_voices';
export const makes = 'class_voices';

/** How much is explained to the children of a class; its words stand in house_words. */
export async function up(knex: Knex): Promise<void> {
  await knex.schema.createTable(makes, (table) => {
    addReference(table, 'class_id', 'classes').notNullable().primary();
    addExactText(table, 'reading_level', 10).notNullable();
  });
}

export async function down(knex: Knex): Promise<void> {
  await knex.schema.dropTableIfExists(makes);
}
