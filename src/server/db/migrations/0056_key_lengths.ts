import type { Knex } from 'knex';

export const name = '0056_key_lengths';

/** How many pictures a child's key has: a club may want more than three for new keys, and those given before stay. */
export async function up(knex: Knex): Promise<void> {
  await knex.raw(
    'ALTER TABLE people ADD COLUMN IF NOT EXISTS key_length TINYINT UNSIGNED NOT NULL DEFAULT 3',
  );
}

export async function down(knex: Knex): Promise<void> {
  await knex.raw('ALTER TABLE people DROP COLUMN IF EXISTS key_length');
}
