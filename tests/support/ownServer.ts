/** A server of a test's own, on the database of the demo club that the other tests use, so that it can be killed and started again. */
import { existsSync, readFileSync } from 'node:fs';
import { createConnection } from 'mysql2/promise';
import { z } from 'zod';
import { findFreePort } from '@/cli/processes';
import { servePages } from '@/cli/serve';

const settingsSchema = z.object({ DATABASE_URL: z.string(), SESSION_SECRET: z.string() });

/** "./vorschule test" names its database; alone, it is that of the demo that is open. */
function readSettings() {
  const file = '.data/demo/running.json';
  const { E2E_DATABASE_URL: url, E2E_SESSION_SECRET: secret } = process.env;
  if (url !== undefined) return settingsSchema.parse({ DATABASE_URL: url, SESSION_SECRET: secret });
  if (!existsSync(file)) throw new Error('neither a test run nor a demo: there is no database');
  return settingsSchema.parse(JSON.parse(readFileSync(file, 'utf8')));
}

export async function startOwnServer() {
  const port = await findFreePort();
  const env = { ...readSettings(), ORIGIN: `http://127.0.0.1:${port}` };
  const start = () => servePages({ host: '127.0.0.1', port, env });
  let served = await start();
  return {
    env,
    origin: env.ORIGIN,
    /** At once, in the middle of whatever it does. */
    async kill(): Promise<void> {
      const ended = new Promise((resolve) => served.child.once('exit', resolve));
      served.child.kill('SIGKILL');
      await ended;
    },
    async startAgain(): Promise<void> {
      served = await start();
    },
    stop: () => served.stop(),
    /** Which of these answers are stored, by the ids made on the devices. */
    async listStored(clientIds: readonly string[]): Promise<string[]> {
      const connection = await createConnection(env.DATABASE_URL);
      try {
        const stored: string[] = [];
        for (const table of ['suggestions', 'attempts']) {
          const [rows] = await connection.query(`SELECT client_id FROM ${table} WHERE client_id IN (?)`, [
            clientIds,
          ]);
          stored.push(...(rows as { client_id: string }[]).map((row) => row.client_id));
        }
        return stored;
      } finally {
        await connection.end();
      }
    },
  };
}
