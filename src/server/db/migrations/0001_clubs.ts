import type { Knex } from 'knex';
import { addMoment } from '../columns';

export const name = '0001_clubs';
export const makes = 'clubs';

export async function up(knex: Knex): Promise<void> {
  await knex.schema.createTable(makes, (table) => {
    table.increments('id');
    table.string('name', 120).notNullable();
    table.string('time_zone', 64).notNullable();
    table.json('settings').notNullable();
    addMoment(table, 'created_at').notNullable();
  });
}

export async function down(knex: Knex): Promise<void> {
  await knex.schema.dropTableIfExists(makes);
}
