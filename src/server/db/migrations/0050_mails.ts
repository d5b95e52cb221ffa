import type { Knex } from 'knex';
import { addMoment, addReference, addRequestId } from '../columns';

export const name = '0050_mails';
export const makes = 'mails';

/** The outbox: mails as files, to be looked at and taken along. Nothing is ever sent from here. */
export async function up(knex: Knex): Promise<void> {
  await knex.schema.createTable(makes, (table) => {
    table.increments('id');
    addReference(table, 'club_id', 'clubs').notNullable();
    addReference(table, 'written_by', 'people').notNullable();
    addReference(table, 'class_id', 'classes').notNullable();
    // Whose report is in it; nobody's: that of the class, which names all who were in it.
    addReference(table, 'student_id', 'people').nullable();
    addRequestId(table);
    table.string('to_address', 254).notNullable();
    table.string('subject', 200).notNullable();
    table.text('body').notNullable();
    table.string('file_name', 120).notNullable();
    table.specificType('eml', 'LONGBLOB').notNullable();
    addMoment(table, 'written_at').notNullable();
  });
}

export async function down(knex: Knex): Promise<void> {
  await knex.schema.dropTableIfExists(makes);
}
