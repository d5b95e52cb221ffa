import type { Knex } from 'knex';
import { addReference } from '../columns';

export const name = '0032_student_ratings';
export const makes = 'student_ratings';

export async function up(knex: Knex): Promise<void> {
  await knex.schema.createTable(makes, (table) => {
    addReference(table, 'student_id', 'people').primary();
    table.double('rating').notNullable();
    table.double('deviation').notNullable();
    table.double('volatility').notNullable();
    table.integer('answers').unsigned().notNullable();
  });
}

export async function down(knex: Knex): Promise<void> {
  await knex.schema.dropTableIfExists(makes);
}
