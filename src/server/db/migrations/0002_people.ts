import type { Knex } from 'knex';
import { addExactText, addMoment, addReference, addRequestId } from '../columns';

export const name = '0002_people';
export const makes = 'people';

export async function up(knex: Knex): Promise<void> {
  await knex.schema.createTable(makes, (table) => {
    table.increments('id');
    addReference(table, 'club_id', 'clubs').notNullable();
    addExactText(table, 'kind', 16).notNullable();
    table.string('display_name', 60).notNullable();
    // Coaches only; one namespace for the whole installation.
    table.string('sign_in_name', 60).nullable().unique();
    addExactText(table, 'secret_hash', 255).nullable();
    // Raised to end every open session of this person.
    table.integer('session_epoch').unsigned().notNullable().defaultTo(1);
    addMoment(table, 'erased_at').nullable();
    addRequestId(table);
  });
}

export async function down(knex: Knex): Promise<void> {
  await knex.schema.dropTableIfExists(makes);
}
