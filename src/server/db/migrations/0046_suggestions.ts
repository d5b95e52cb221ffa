import type { Knex } from 'knex';
import { addExactText, addMoment, addReference } from '../columns';

export const name = '0046_suggestions';
export const makes = 'suggestions';

/** Moves that were suggested for the position on the big board, from a seat or called out. */
export async function up(knex: Knex): Promise<void> {
  await knex.schema.createTable(makes, (table) => {
    table.increments('id');
    addExactText(table, 'client_id', 36).notNullable().unique();
    addReference(table, 'live_question_id', 'live_questions').notNullable();
    // Nobody's: called out in class and entered by the coach.
    addReference(table, 'student_id', 'people').nullable();
    addExactText(table, 'move', 5).notNullable();
    addMoment(table, 'answered_at').notNullable();
    addMoment(table, 'received_at').notNullable();
    table.index(['live_question_id', 'received_at']);
  });
}

export async function down(knex: Knex): Promise<void> {
  await knex.schema.dropTableIfExists(makes);
}
