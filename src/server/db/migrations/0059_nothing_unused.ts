import type { Knex } from 'knex';
import { addMoment } from '../columns';
import { up as makePositions } from './0007_positions';

export const name = '0059_nothing_unused';
export const drops = 'positions';

/** A day that no assignment was ever given, and a table that nothing ever wrote to. */
export async function up(knex: Knex): Promise<void> {
  if (await knex.schema.hasColumn('assignments', 'due_at'))
    await knex.schema.alterTable('assignments', (table) => table.dropColumn('due_at'));
  await knex.schema.dropTableIfExists(drops);
}

export async function down(knex: Knex): Promise<void> {
  await knex.schema.alterTable('assignments', (table) => {
    addMoment(table, 'due_at').nullable();
  });
  await makePositions(knex);
}
