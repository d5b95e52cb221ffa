import type { Knex } from 'knex';
import { addExactText, addReference } from '../columns';

export const name = '0017_verdicts';
export const makes = 'verdicts';

export async function up(knex: Knex): Promise<void> {
  await knex.schema.createTable(makes, (table) => {
    table.increments('id');
    addReference(table, 'attempt_id', 'attempts').notNullable();
    table.integer('judge_version').unsigned().notNullable();
    addExactText(table, 'outcome', 16).notNullable();
    // Codes, each with the ply it stands at.
    table.json('diagnoses').notNullable();
    table.unique(['attempt_id', 'judge_version']);
  });
}

export async function down(knex: Knex): Promise<void> {
  await knex.schema.dropTableIfExists(makes);
}
