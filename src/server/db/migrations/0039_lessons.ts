import type { Knex } from 'knex';
import { addExactText, addReference } from '../columns';

export const name = '0039_lessons';
export const makes = 'lessons';

export async function up(knex: Knex): Promise<void> {
  await knex.schema.createTable(makes, (table) => {
    table.increments('id');
    addReference(table, 'class_id', 'classes').notNullable();
    // Day and hour where the club is.
    table.specificType('day', 'DATE').notNullable();
    addExactText(table, 'begins', 5).notNullable();
    table.specificType('minutes', 'SMALLINT UNSIGNED').notNullable();
    addReference(table, 'plan_id', 'lesson_plans').nullable();
    table.boolean('is_cancelled').notNullable().defaultTo(false);
    table.unique(['class_id', 'day', 'begins']);
  });
}

export async function down(knex: Knex): Promise<void> {
  await knex.schema.dropTableIfExists(makes);
}
