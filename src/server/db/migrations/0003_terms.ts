import type { Knex } from 'knex';
import { addReference } from '../columns';

export const name = '0003_terms';
export const makes = 'terms';

export async function up(knex: Knex): Promise<void> {
  await knex.schema.createTable(makes, (table) => {
    table.increments('id');
    addReference(table, 'club_id', 'clubs').notNullable();
    table.string('name', 60).notNullable();
    table.specificType('starts_on', 'DATE').notNullable();
    table.specificType('ends_on', 'DATE').notNullable();
  });
}

export async function down(knex: Knex): Promise<void> {
  await knex.schema.dropTableIfExists(makes);
}
