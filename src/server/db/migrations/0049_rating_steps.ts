import type { Knex } from 'knex';
import { addReference } from '../columns';

export const name = '0049_rating_steps';
export const makes = 'rating_steps';

/**
 * What a child's rating was after each answer that rates, in the order in which puzzles and children met: derived from `attempts`, but for
 * that order, which `vorschule rebuild` follows.
 */
export async function up(knex: Knex): Promise<void> {
  await knex.schema.createTable(makes, (table) => {
    table.increments('id');
    addReference(table, 'attempt_id', 'attempts').notNullable().unique();
    addReference(table, 'student_id', 'people').notNullable();
    table.double('rating').notNullable();
    table.double('deviation').notNullable();
  });
}

export async function down(knex: Knex): Promise<void> {
  await knex.schema.dropTableIfExists(makes);
}
