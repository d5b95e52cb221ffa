import type { Knex } from 'knex';
import { addReference } from '../columns';

export const name = '0027_staircase_sets';
export const makes = 'staircase_sets';

/** Sets that are staircases: what a child has climbed elsewhere is skipped. */
export async function up(knex: Knex): Promise<void> {
  await knex.schema.createTable(makes, (table) => {
    addReference(table, 'set_id', 'sets').notNullable().primary();
  });
}

export async function down(knex: Knex): Promise<void> {
  await knex.schema.dropTableIfExists(makes);
}
