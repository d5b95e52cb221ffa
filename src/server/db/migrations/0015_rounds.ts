import type { Knex } from 'knex';
import { addMoment, addReference } from '../columns';

export const name = '0015_rounds';
export const makes = 'rounds';

export async function up(knex: Knex): Promise<void> {
  await knex.schema.createTable(makes, (table) => {
    table.increments('id');
    addReference(table, 'assignment_id', 'assignments').nullable();
    addReference(table, 'student_id', 'people').notNullable();
    addMoment(table, 'started_at').notNullable();
    table.unique(['assignment_id', 'student_id']);
  });
}

export async function down(knex: Knex): Promise<void> {
  await knex.schema.dropTableIfExists(makes);
}
