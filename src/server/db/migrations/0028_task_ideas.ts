import type { Knex } from 'knex';
import { addExactText, addReference } from '../columns';

export const name = '0028_task_ideas';
export const makes = 'task_ideas';

export async function up(knex: Knex): Promise<void> {
  await knex.schema.createTable(makes, (table) => {
    addReference(table, 'task_id', 'tasks').primary();
    addReference(table, 'club_id', 'clubs').notNullable();
    addExactText(table, 'idea_key', 120).notNullable();
    table.index(['club_id', 'idea_key']);
  });
}

export async function down(knex: Knex): Promise<void> {
  await knex.schema.dropTableIfExists(makes);
}
