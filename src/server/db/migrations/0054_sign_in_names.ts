import type { Knex } from 'knex';

export const name = '0054_sign_in_names';

/**
 * Sign-in names are stored as they are compared: without case and accents, byte by byte. Until here the database's collation did that, so
 * "wénna" was "wenna" to it and another name to whoever counted wrong passwords. Should two coaches have one name now, the younger one's
 * gets the number of its row behind it.
 */
export async function up(knex: Knex): Promise<void> {
  const rows: { id: number; sign_in_name: string }[] = await knex('people')
    .whereNotNull('sign_in_name')
    .orderBy('id')
    .select('id', 'sign_in_name');
  const taken = new Set<string>();
  for (const { id, sign_in_name: signInName } of rows) {
    const folded = fold(signInName);
    const free = taken.has(folded) ? `${folded.slice(0, 48)}-${id}` : folded;
    taken.add(free);
    if (free !== signInName) await knex('people').where('id', id).update({ sign_in_name: free });
  }
  await knex.raw(
    'ALTER TABLE people MODIFY sign_in_name VARCHAR(60) CHARACTER SET utf8mb4 COLLATE utf8mb4_bin NULL',
  );
}

export async function down(knex: Knex): Promise<void> {
  await knex.raw('ALTER TABLE people MODIFY sign_in_name VARCHAR(60) NULL');
}

/** As contracts/people folds it; a migration stays as it was on its day. */
function fold(text: string): string {
  return text.normalize('NFKD').replace(/\p{M}/gu, '').toLowerCase().replace(/\s+/g, ' ').trim().slice(0, 60);
}
