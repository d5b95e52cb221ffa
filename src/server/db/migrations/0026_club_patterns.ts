import type { Knex } from 'knex';
import { addExactText, addMoment, addReference, addRequestId } from '../columns';

export const name = '0026_club_patterns';
export const makes = 'club_patterns';

export async function up(knex: Knex): Promise<void> {
  await knex.schema.createTable(makes, (table) => {
    table.increments('id');
    addReference(table, 'club_id', 'clubs').notNullable();
    table.string('name', 60).notNullable();
    addExactText(table, 'fen', 100).notNullable();
    table.json('picture').notNullable();
    addRequestId(table);
    addMoment(table, 'created_at').notNullable();
    table.unique(['club_id', 'name']);
  });
}

export async function down(knex: Knex): Promise<void> {
  await knex.schema.dropTableIfExists(makes);
}
