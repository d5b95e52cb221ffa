import type { Knex } from 'knex';

export const name = '0052_answer_times';

/**
 * Until here the clock of the device was believed. Answers that it put before their task or after their receipt come back between the two;
 * the rest stay. What follows from them is worked out anew at the next start.
 */
export async function up(knex: Knex): Promise<void> {
  await knex.raw(`
    UPDATE attempts JOIN rounds ON rounds.id = attempts.round_id
    SET attempts.answered_at = LEAST(GREATEST(attempts.answered_at, rounds.started_at), attempts.received_at)
    WHERE attempts.answered_at > attempts.received_at OR attempts.answered_at < rounds.started_at`);
  await knex.raw(`
    UPDATE suggestions JOIN live_questions ON live_questions.id = suggestions.live_question_id
    SET suggestions.answered_at = LEAST(GREATEST(suggestions.answered_at, live_questions.asked_at), suggestions.received_at)
    WHERE suggestions.answered_at > suggestions.received_at OR suggestions.answered_at < live_questions.asked_at`);
}

/** What the devices said is gone, and nobody misses it. */
export function down(): Promise<void> {
  return Promise.resolve();
}
