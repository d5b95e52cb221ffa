import type { Knex } from 'knex';
import { addExactText, addReference } from '../columns';

export const name = '0030_puzzle_facts';
export const makes = 'puzzle_facts';

export async function up(knex: Knex): Promise<void> {
  await knex.schema.createTable(makes, (table) => {
    addReference(table, 'task_id', 'tasks').primary();
    addReference(table, 'club_id', 'clubs').notNullable();
    table.tinyint('mate_moves').unsigned().notNullable();
    addExactText(table, 'side', 5).notNullable();
    addExactText(table, 'wing', 5).notNullable();
    table.tinyint('men').unsigned().notNullable();
    table.index(['club_id', 'mate_moves']);
  });
}

export async function down(knex: Knex): Promise<void> {
  await knex.schema.dropTableIfExists(makes);
}
