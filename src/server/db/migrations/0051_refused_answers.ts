import type { Knex } from 'knex';
import { addExactText, addMoment, addReference } from '../columns';

export const name = '0051_refused_answers';
export const makes = 'refused_answers';

/** Answers that could not be stored: nothing of a child's is lost without its coaches being told. */
export async function up(knex: Knex): Promise<void> {
  await knex.schema.createTable(makes, (table) => {
    table.increments('id');
    addReference(table, 'student_id', 'people').notNullable();
    // That of the answer: sent again it is the same row.
    addExactText(table, 'client_id', 36).notNullable();
    addExactText(table, 'reason', 60).notNullable();
    // What was sent, cut where it is too long.
    table.text('body').notNullable();
    addMoment(table, 'received_at').notNullable();
    table.unique(['student_id', 'client_id']);
  });
}

export async function down(knex: Knex): Promise<void> {
  await knex.schema.dropTableIfExists(makes);
}
