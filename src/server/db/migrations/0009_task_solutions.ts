import type { Knex } from 'knex';
import { addMoment, addReference } from '../columns';

export const name = '0009_task_solutions';
export const makes = 'task_solutions';

export async function up(knex: Knex): Promise<void> {
  await knex.schema.createTable(makes, (table) => {
    addReference(table, 'task_id', 'tasks').notNullable().primary();
    table.integer('format_version').unsigned().notNullable();
    table.integer('prover_version').unsigned().notNullable();
    table.integer('mate_moves').unsigned().notNullable();
    table.integer('key_count').unsigned().notNullable();
    table.json('graph').notNullable();
    addMoment(table, 'proved_at').notNullable();
  });
}

export async function down(knex: Knex): Promise<void> {
  await knex.schema.dropTableIfExists(makes);
}
