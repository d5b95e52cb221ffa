/** Knex describes its dialects nowhere. */
declare module 'knex/lib/dialects/mysql2/index.js' {
  export default class MySql2Client {
    runner(builder: unknown): { run(): Promise<unknown> };
    _query(connection: unknown, query: unknown): Promise<unknown>;
  }
}
