import type { Knex } from 'knex';
import { addExactText, addReference, addRequestId } from '../columns';

export const name = '0004_classes';
export const makes = 'classes';

export async function up(knex: Knex): Promise<void> {
  await knex.schema.createTable(makes, (table) => {
    table.increments('id');
    addReference(table, 'club_id', 'clubs').notNullable();
    addReference(table, 'term_id', 'terms').notNullable();
    table.string('name', 60).notNullable();
    addExactText(table, 'join_code', 12).notNullable().unique();
    addRequestId(table);
  });
}

export async function down(knex: Knex): Promise<void> {
  await knex.schema.dropTableIfExists(makes);
}
