import type { Knex } from 'knex';
import { addReference } from '../columns';

export const name = '0031_task_ratings';
export const makes = 'task_ratings';

export async function up(knex: Knex): Promise<void> {
  await knex.schema.createTable(makes, (table) => {
    addReference(table, 'task_id', 'tasks').primary();
    addReference(table, 'club_id', 'clubs').notNullable();
    table.double('rating').notNullable();
    table.double('deviation').notNullable();
    table.double('volatility').notNullable();
    table.integer('answers').unsigned().notNullable();
    table.index(['club_id', 'rating']);
  });
}

export async function down(knex: Knex): Promise<void> {
  await knex.schema.dropTableIfExists(makes);
}
