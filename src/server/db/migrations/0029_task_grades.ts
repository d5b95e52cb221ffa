import type { Knex } from 'knex';
import { addReference } from '../columns';

export const name = '0029_task_grades';
export const makes = 'task_grades';

export async function up(knex: Knex): Promise<void> {
  await knex.schema.createTable(makes, (table) => {
    addReference(table, 'task_id', 'tasks').primary();
    table.tinyint('level').unsigned().notNullable();
    table.smallint('number').notNullable();
    table.json('reasons').notNullable();
  });
}

export async function down(knex: Knex): Promise<void> {
  await knex.schema.dropTableIfExists(makes);
}
