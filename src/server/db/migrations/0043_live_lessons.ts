import type { Knex } from 'knex';
import { addMoment, addReference, addRequestId } from '../columns';

export const name = '0043_live_lessons';
export const makes = 'live_lessons';

/** A class at the big board, from the moment a coach begins until it ends. */
export async function up(knex: Knex): Promise<void> {
  await knex.schema.createTable(makes, (table) => {
    table.increments('id');
    addReference(table, 'class_id', 'classes').notNullable();
    addReference(table, 'lesson_id', 'lessons').nullable();
    addReference(table, 'begun_by', 'people').notNullable();
    addMoment(table, 'begun_at').notNullable();
    addMoment(table, 'ended_at').nullable();
    // The class while it runs, nothing afterwards: a class sits before one board at a time.
    addReference(table, 'open_class_id', 'classes').nullable().unique();
    // Where the board stands in the plan; the coach's second window follows it.
    table.integer('segment').unsigned().notNullable();
    table.integer('stop').unsigned().notNullable();
    addRequestId(table);
  });
}

export async function down(knex: Knex): Promise<void> {
  await knex.schema.dropTableIfExists(makes);
}
