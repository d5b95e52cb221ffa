/** Schemas of the throw-away server, looked at from outside: as its own programs would. */
import { spawn } from 'node:child_process';
import { once } from 'node:events';
import { createConnection, type Connection, type RowDataPacket } from 'mysql2/promise';

export async function onServer<Value>(
  url: string,
  work: (connection: Connection) => Promise<Value>,
): Promise<Value> {
  const connection = await createConnection({ uri: url, timezone: 'Z' });
  try {
    return await work(connection);
  } finally {
    await connection.end();
  }
}

/** The same server, another schema. */
export function urlOfSchema(url: string, schema: string): string {
  const made = new URL(url);
  made.pathname = `/${schema}`;
  return made.href;
}

/** Makes it, or makes it empty. */
export async function emptySchema(url: string): Promise<void> {
  const schema = new URL(url).pathname.slice(1);
  await onServer(urlOfSchema(url, 'information_schema'), async (connection) => {
    await connection.query(`DROP DATABASE IF EXISTS ${schema}`);
    await connection.query(`CREATE DATABASE ${schema}`);
  });
}

/** What each table holds, by the server's own checksum, and how it is made. */
export function describeSchemaAt(url: string): Promise<ReadonlyMap<string, string>> {
  return onServer(url, async (connection) => {
    const [tables] = await connection.query<RowDataPacket[]>(
      'SELECT table_name AS name FROM information_schema.tables WHERE table_schema = DATABASE() ORDER BY name',
    );
    const made = new Map<string, string>();
    for (const { name } of tables as { name: string }[]) {
      const [[sum]] = await connection.query<RowDataPacket[]>(`CHECKSUM TABLE \`${name}\` EXTENDED`);
      const [[table]] = await connection.query<RowDataPacket[]>(`SHOW CREATE TABLE \`${name}\``);
      const how = String(table?.['Create Table']).replace(/ AUTO_INCREMENT=\d+/, '');
      made.set(name, `${sum?.Checksum} ${how}`);
    }
    return made;
  });
}

/** A command of ours on this database, to its end. */
export async function runOn(
  url: string,
  ...words: readonly string[]
): Promise<{ readonly code: number; readonly out: string; readonly said: string }> {
  const child = spawn(process.execPath, ['--conditions=react-server', 'dist/cli.mjs', ...words], {
    env: { ...process.env, DATABASE_URL: url, NODE_OPTIONS: '' },
    stdio: ['ignore', 'pipe', 'pipe'],
  });
  let out = '';
  let said = '';
  child.stdout.on('data', (chunk: Buffer) => (out += chunk.toString()));
  child.stderr.on('data', (chunk: Buffer) => (said += chunk.toString()));
  const [code] = (await once(child, 'close')) as [number];
  return { code, out: out.trim(), said };
}
