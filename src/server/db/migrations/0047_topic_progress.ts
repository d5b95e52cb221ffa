import type { Knex } from 'knex';
import { addExactText, addMoment, addReference } from '../columns';

export const name = '0047_topic_progress';
export const makes = 'topic_progress';

/** What a child's answers say of a topic: derived from `attempts` alone, and worked out anew by `vorschule rebuild`. */
export async function up(knex: Knex): Promise<void> {
  await knex.schema.createTable(makes, (table) => {
    addReference(table, 'student_id', 'people').notNullable();
    addExactText(table, 'topic', 60).notNullable();
    table.json('state').notNullable();
    addMoment(table, 'due_at').notNullable();
    table.primary(['student_id', 'topic']);
  });
}

export async function down(knex: Knex): Promise<void> {
  await knex.schema.dropTableIfExists(makes);
}
