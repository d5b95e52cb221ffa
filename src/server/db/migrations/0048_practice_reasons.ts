import type { Knex } from 'knex';
import { addExactText, addReference } from '../columns';

export const name = '0048_practice_reasons';
export const makes = 'practice_reasons';

/** Why each task of a child's next round is in it. */
export async function up(knex: Knex): Promise<void> {
  await knex.schema.createTable(makes, (table) => {
    addReference(table, 'round_id', 'rounds').notNullable();
    addReference(table, 'task_id', 'tasks').notNullable();
    addExactText(table, 'why', 20).notNullable();
    table.primary(['round_id', 'task_id']);
  });
}

export async function down(knex: Knex): Promise<void> {
  await knex.schema.dropTableIfExists(makes);
}
