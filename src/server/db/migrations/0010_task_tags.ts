import type { Knex } from 'knex';
import { addExactText, addReference } from '../columns';

export const name = '0010_task_tags';
export const makes = 'task_tags';

export async function up(knex: Knex): Promise<void> {
  await knex.schema.createTable(makes, (table) => {
    addReference(table, 'task_id', 'tasks').notNullable();
    addExactText(table, 'tag', 60).notNullable();
    table.primary(['task_id', 'tag']);
    table.index(['tag']);
  });
}

export async function down(knex: Knex): Promise<void> {
  await knex.schema.dropTableIfExists(makes);
}
