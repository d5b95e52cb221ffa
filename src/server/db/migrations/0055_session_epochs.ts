import type { Knex } from 'knex';

export const name = '0055_session_epochs';

/** Sessions are rows of their own since 0053: the number that ended all of a person's has nothing to say any more. */
export async function up(knex: Knex): Promise<void> {
  await knex.raw('ALTER TABLE people DROP COLUMN IF EXISTS session_epoch');
}

export async function down(knex: Knex): Promise<void> {
  await knex.raw('ALTER TABLE people ADD COLUMN IF NOT EXISTS session_epoch INT UNSIGNED NOT NULL DEFAULT 1');
}
