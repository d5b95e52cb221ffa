import type { Knex } from 'knex';
import { addExactText, addMoment, addReference, addRequestId } from '../columns';

export const name = '0044_live_questions';
export const makes = 'live_questions';

/** What the big board asked of the seats. */
export async function up(knex: Knex): Promise<void> {
  await knex.schema.createTable(makes, (table) => {
    table.increments('id');
    addReference(table, 'live_lesson_id', 'live_lessons').notNullable();
    // A stored puzzle or exercise; without one, any move of the position is an answer.
    addReference(table, 'task_id', 'tasks').nullable();
    addExactText(table, 'fen', 120).notNullable();
    table.string('words', 200).notNullable();
    addMoment(table, 'asked_at').notNullable();
    addMoment(table, 'closed_at').nullable();
    addRequestId(table);
  });
}

export async function down(knex: Knex): Promise<void> {
  await knex.schema.dropTableIfExists(makes);
}
