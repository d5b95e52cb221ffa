import type { Knex } from 'knex';
import { addExactText, addMoment, addReference } from '../columns';

export const name = '0008_tasks';
export const makes = 'tasks';

export async function up(knex: Knex): Promise<void> {
  await knex.schema.createTable(makes, (table) => {
    table.increments('id');
    addReference(table, 'club_id', 'clubs').notNullable();
    addExactText(table, 'family', 40).notNullable();
    table.integer('family_version').unsigned().notNullable();
    addExactText(table, 'skill', 40).notNullable();
    table.tinyint('level').unsigned().notNullable();
    table.json('payload').notNullable();
    addExactText(table, 'exact_key', 120).notNullable();
    addExactText(table, 'twin_key', 120).notNullable();
    table.string('source', 200).nullable();
    addMoment(table, 'retired_at').nullable();
    table.unique(['club_id', 'family', 'exact_key']);
    table.index(['club_id', 'twin_key']);
  });
}

export async function down(knex: Knex): Promise<void> {
  await knex.schema.dropTableIfExists(makes);
}
