import type { Knex } from 'knex';
import { addReference } from '../columns';

export const name = '0042_catch_ups';
export const makes = 'catch_ups';

export async function up(knex: Knex): Promise<void> {
  await knex.schema.createTable(makes, (table) => {
    addReference(table, 'lesson_id', 'lessons').notNullable();
    addReference(table, 'student_id', 'people').notNullable();
    addReference(table, 'assignment_id', 'assignments').notNullable();
    table.primary(['lesson_id', 'student_id']);
  });
}

export async function down(knex: Knex): Promise<void> {
  await knex.schema.dropTableIfExists(makes);
}
