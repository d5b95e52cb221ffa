import type { Knex } from 'knex';
import { addExactText, addMoment, addReference } from '../columns';

export const name = '0019_audit_log';
export const makes = 'audit_log';

export async function up(knex: Knex): Promise<void> {
  await knex.schema.createTable(makes, (table) => {
    table.increments('id');
    addReference(table, 'club_id', 'clubs').notNullable();
    addReference(table, 'person_id', 'people').nullable();
    addExactText(table, 'action', 60).notNullable();
    table.json('details').notNullable();
    addMoment(table, 'at').notNullable();
    table.index(['club_id', 'at']);
  });
}

export async function down(knex: Knex): Promise<void> {
  await knex.schema.dropTableIfExists(makes);
}
