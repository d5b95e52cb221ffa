import type { Knex } from 'knex';
import { addMoment, addReference } from '../columns';

export const name = '0012_set_versions';
export const makes = 'set_versions';

export async function up(knex: Knex): Promise<void> {
  await knex.schema.createTable(makes, (table) => {
    table.increments('id');
    addReference(table, 'set_id', 'sets').notNullable();
    table.integer('version').unsigned().notNullable();
    // Once given, the items never change again; the next change starts a new version.
    addMoment(table, 'given_at').nullable();
    table.unique(['set_id', 'version']);
  });
}

export async function down(knex: Knex): Promise<void> {
  await knex.schema.dropTableIfExists(makes);
}
