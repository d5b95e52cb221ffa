import type { Knex } from 'knex';
import { addMoment, addReference } from '../columns';

export const name = '0007_positions';
export const makes = 'positions';

export async function up(knex: Knex): Promise<void> {
  await knex.schema.createTable(makes, (table) => {
    table.increments('id');
    addReference(table, 'club_id', 'clubs').notNullable();
    addReference(table, 'owner_id', 'people').notNullable();
    table.string('name', 120).notNullable();
    // A draft, legal or not: boards without kings are used in teaching.
    table.json('draft').notNullable();
    addMoment(table, 'created_at').notNullable();
  });
}

export async function down(knex: Knex): Promise<void> {
  await knex.schema.dropTableIfExists(makes);
}
