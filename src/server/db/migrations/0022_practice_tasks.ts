import type { Knex } from 'knex';
import { addReference } from '../columns';

export const name = '0022_practice_tasks';
export const makes = 'practice_tasks';

export async function up(knex: Knex): Promise<void> {
  await knex.schema.createTable(makes, (table) => {
    addReference(table, 'round_id', 'rounds').notNullable();
    table.integer('ordinal').unsigned().notNullable();
    addReference(table, 'task_id', 'tasks').notNullable();
    table.primary(['round_id', 'ordinal']);
  });
}

export async function down(knex: Knex): Promise<void> {
  await knex.schema.dropTableIfExists(makes);
}
