import type { Knex } from 'knex';
import { addMoment, addReference } from '../columns';

export const name = '0041_attendances';
export const makes = 'attendances';

export async function up(knex: Knex): Promise<void> {
  await knex.schema.createTable(makes, (table) => {
    addReference(table, 'lesson_id', 'lessons').notNullable();
    addReference(table, 'student_id', 'people').notNullable();
    table.boolean('was_here').notNullable();
    addReference(table, 'noted_by', 'people').notNullable();
    addMoment(table, 'noted_at').notNullable();
    table.primary(['lesson_id', 'student_id']);
  });
}

export async function down(knex: Knex): Promise<void> {
  await knex.schema.dropTableIfExists(makes);
}
