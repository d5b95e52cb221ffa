import type { Knex } from 'knex';
import { addReference } from '../columns';

export const name = '0013_set_items';
export const makes = 'set_items';

export async function up(knex: Knex): Promise<void> {
  await knex.schema.createTable(makes, (table) => {
    table.increments('id');
    addReference(table, 'set_version_id', 'set_versions').notNullable();
    table.integer('ordinal').unsigned().notNullable();
    addReference(table, 'task_id', 'tasks').notNullable();
    table.unique(['set_version_id', 'task_id']);
  });
}

export async function down(knex: Knex): Promise<void> {
  await knex.schema.dropTableIfExists(makes);
}
