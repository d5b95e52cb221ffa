import type { Knex } from 'knex';
import { addMoment, addReference, addRequestId } from '../columns';

export const name = '0038_lesson_plans';
export const makes = 'lesson_plans';

export async function up(knex: Knex): Promise<void> {
  await knex.schema.createTable(makes, (table) => {
    table.increments('id');
    addReference(table, 'class_id', 'classes').notNullable();
    table.string('title', 120).notNullable();
    table.json('segments').notNullable();
    // Raised by every save, so that two who save at once do not overwrite each other.
    table.integer('revision').unsigned().notNullable().defaultTo(1);
    addMoment(table, 'created_at').notNullable();
    addRequestId(table);
  });
}

export async function down(knex: Knex): Promise<void> {
  await knex.schema.dropTableIfExists(makes);
}
