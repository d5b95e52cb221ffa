import type { Knex } from 'knex';
import { addExactText, addMoment, addReference } from '../columns';

export const name = '0016_attempts';
export const makes = 'attempts';

export async function up(knex: Knex): Promise<void> {
  await knex.schema.createTable(makes, (table) => {
    table.increments('id');
    // Made on the device before sending: the same attempt sent twice is stored once.
    addExactText(table, 'client_id', 36).notNullable().unique();
    addReference(table, 'student_id', 'people').notNullable();
    addReference(table, 'class_id', 'classes').notNullable();
    addReference(table, 'task_id', 'tasks').notNullable();
    addReference(table, 'round_id', 'rounds').notNullable();
    table.integer('try_number').unsigned().notNullable();
    table.json('answer').notNullable();
    table.integer('hints').unsigned().notNullable();
    table.integer('spent_ms').unsigned().notNullable();
    addMoment(table, 'answered_at').notNullable();
    addMoment(table, 'received_at').notNullable();
    table.unique(['round_id', 'task_id', 'try_number']);
    table.index(['class_id', 'received_at']);
  });
}

export async function down(knex: Knex): Promise<void> {
  await knex.schema.dropTableIfExists(makes);
}
