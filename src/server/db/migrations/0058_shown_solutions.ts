import type { Knex } from 'knex';
import { addExactText, addMoment, addReference } from '../columns';

export const name = '0058_shown_solutions';
export const makes = 'shown_solutions';

/** When a student had the solution of a task shown: no answer, so it stands beside the attempts. */
export async function up(knex: Knex): Promise<void> {
  await knex.schema.createTable(makes, (table) => {
    table.increments('id');
    // Made on the device before sending: sent twice, it is stored once.
    addExactText(table, 'client_id', 36).notNullable().unique();
    addReference(table, 'student_id', 'people').notNullable();
    addReference(table, 'task_id', 'tasks').notNullable();
    addReference(table, 'round_id', 'rounds').notNullable();
    addMoment(table, 'shown_at').notNullable();
    addMoment(table, 'received_at').notNullable();
  });
}

export async function down(knex: Knex): Promise<void> {
  await knex.schema.dropTableIfExists(makes);
}
