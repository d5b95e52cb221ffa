import type { Knex } from 'knex';
import { addExactText, addMoment, addReference } from '../columns';

export const name = '0057_unsent_answers';
export const makes = 'unsent_answers';

/** How many answers of a child lie on a device that could not send them, as the device itself told last. */
export async function up(knex: Knex): Promise<void> {
  await knex.schema.createTable(makes, (table) => {
    addReference(table, 'student_id', 'people').notNullable();
    // Made on the device.
    addExactText(table, 'device_id', 36).notNullable();
    table.integer('answers').unsigned().notNullable();
    addMoment(table, 'told_at').notNullable();
    table.primary(['student_id', 'device_id']);
  });
}

export async function down(knex: Knex): Promise<void> {
  await knex.schema.dropTableIfExists(makes);
}
