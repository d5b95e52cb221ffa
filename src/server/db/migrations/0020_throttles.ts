import type { Knex } from 'knex';

export const name = '0020_throttles';
export const makes = 'throttles';

/** The shape rate-limiter-flexible keeps its counters in; in the database so that several processes share them. */
export async function up(knex: Knex): Promise<void> {
  await knex.schema.createTable(makes, (table) => {
    table
      .specificType('key', 'VARCHAR(255) CHARACTER SET utf8mb4 COLLATE utf8mb4_bin')
      .notNullable()
      .primary();
    table.integer('points').notNullable().defaultTo(0);
    table.bigInteger('expire').unsigned().nullable();
  });
}

export async function down(knex: Knex): Promise<void> {
  await knex.schema.dropTableIfExists(makes);
}
