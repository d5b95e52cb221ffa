import type { Knex } from 'knex';
import { addExactText, addMoment, addReference, addRequestId } from '../columns';

export const name = '0033_games';
export const makes = 'games';

export async function up(knex: Knex): Promise<void> {
  await knex.schema.createTable(makes, (table) => {
    table.increments('id');
    addReference(table, 'club_id', 'clubs').notNullable();
    addReference(table, 'added_by', 'people').notNullable();
    // Whose game it was; nobody's of the club where these are empty.
    addReference(table, 'student_id', 'people').nullable();
    addExactText(table, 'side', 5).nullable();
    table.string('title', 200).notNullable();
    addExactText(table, 'result', 7).notNullable();
    addExactText(table, 'start_fen', 100).notNullable();
    // Moves as squares with blanks between.
    table.text('moves').notNullable();
    addMoment(table, 'added_at').notNullable();
    addRequestId(table);
    table.index(['club_id', 'added_at']);
  });
}

export async function down(knex: Knex): Promise<void> {
  await knex.schema.dropTableIfExists(makes);
}
