import type { Knex } from 'knex';

export const name = '0060_stored_words';

/** Codes in stored rows are words of the field: a pawn captures diagonally, and what is written is an email. */
export async function up(knex: Knex): Promise<void> {
  await replace(knex, ['pawn-takes-slantwise', 'pawn-takes-diagonally'], ['mail/written', 'email/written']);
}

export async function down(knex: Knex): Promise<void> {
  await replace(knex, ['pawn-takes-diagonally', 'pawn-takes-slantwise'], ['email/written', 'mail/written']);
}

async function replace(
  knex: Knex,
  [mistake, asMistake]: readonly [string, string],
  [action, asAction]: readonly [string, string],
): Promise<void> {
  await knex.raw('UPDATE verdicts SET diagnoses = REPLACE(diagnoses, ?, ?) WHERE INSTR(diagnoses, ?) > 0', [
    `"${mistake}"`,
    `"${asMistake}"`,
    `"${mistake}"`,
  ]);
  await knex.raw('UPDATE audit_log SET action = ? WHERE action = ?', [asAction, action]);
}
