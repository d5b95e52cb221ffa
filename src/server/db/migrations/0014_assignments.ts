import type { Knex } from 'knex';
import { addMoment, addReference, addRequestId } from '../columns';

export const name = '0014_assignments';
export const makes = 'assignments';

export async function up(knex: Knex): Promise<void> {
  await knex.schema.createTable(makes, (table) => {
    table.increments('id');
    addReference(table, 'set_version_id', 'set_versions').notNullable();
    addReference(table, 'class_id', 'classes').notNullable();
    // Null: the whole class.
    addReference(table, 'student_id', 'people').nullable();
    addReference(table, 'given_by', 'people').notNullable();
    addMoment(table, 'given_at').notNullable();
    addMoment(table, 'due_at').nullable();
    addRequestId(table);
    table.index(['class_id', 'given_at']);
  });
}

export async function down(knex: Knex): Promise<void> {
  await knex.schema.dropTableIfExists(makes);
}
