/** The row types say what the tables hold: they are written from the schema as the migrations make it. */
import { execFileSync } from 'node:child_process';
import { readFileSync, writeFileSync } from 'node:fs';
import { getDb } from '@/server/db';
import { withDatabase } from '../support/database';
import { makeTableTypes } from '../support/tableTypes';

const FILE = 'src/server/db/tables.ts';

withDatabase();

test('the types of the rows are those of the migrated tables; "npm run tables" writes them anew', async () => {
  const input = await makeTableTypes(getDb());
  const prettier = ['node_modules/prettier/bin/prettier.cjs', '--stdin-filepath', FILE];
  const made = execFileSync(process.execPath, prettier, { input, encoding: 'utf8' });
  if (process.env.WRITE_TABLE_TYPES === '1') writeFileSync(FILE, made);
  expect(readFileSync(FILE, 'utf8')).toBe(made);
});
