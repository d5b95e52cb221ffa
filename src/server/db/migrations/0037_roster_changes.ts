import type { Knex } from 'knex';
import { addMoment, addReference, addRequestId } from '../columns';

export const name = '0037_roster_changes';
export const makes = 'roster_changes';

export async function up(knex: Knex): Promise<void> {
  await knex.schema.createTable(makes, (table) => {
    table.increments('id');
    addReference(table, 'club_id', 'clubs').notNullable();
    addReference(table, 'coach_id', 'people').notNullable();
    // What was made and ended, by ids: all that is needed to take it back.
    table.json('details').notNullable();
    addMoment(table, 'made_at').notNullable();
    addMoment(table, 'undone_at').nullable();
    addRequestId(table);
    table.index(['club_id', 'made_at']);
  });
}

export async function down(knex: Knex): Promise<void> {
  await knex.schema.dropTableIfExists(makes);
}
