import type { Knex } from 'knex';
import { addExactText, addReference } from '../columns';

export const name = '0018_house_words';
export const makes = 'house_words';

export async function up(knex: Knex): Promise<void> {
  await knex.schema.createTable(makes, (table) => {
    table.increments('id');
    addReference(table, 'club_id', 'clubs').notNullable();
    // Null: the whole club.
    addReference(table, 'class_id', 'classes').nullable();
    addExactText(table, 'word', 60).notNullable();
    table.string('text', 120).notNullable();
    table.unique(['club_id', 'class_id', 'word']);
  });
}

export async function down(knex: Knex): Promise<void> {
  await knex.schema.dropTableIfExists(makes);
}
