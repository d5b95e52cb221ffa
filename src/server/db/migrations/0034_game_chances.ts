import type { Knex } from 'knex';
import { addExactText, addReference } from '../columns';

export const name = '0034_game_chances';
export const makes = 'game_chances';

export async function up(knex: Knex): Promise<void> {
  await knex.schema.createTable(makes, (table) => {
    table.increments('id');
    addReference(table, 'game_id', 'games').notNullable();
    table.smallint('ply').unsigned().notNullable();
    // The position, so that a puzzle made of it is known to come from here.
    addExactText(table, 'exact_key', 120).notNullable();
    table.json('chance').notNullable();
    table.unique(['game_id', 'ply']);
    table.index('exact_key');
  });
}

export async function down(knex: Knex): Promise<void> {
  await knex.schema.dropTableIfExists(makes);
}
