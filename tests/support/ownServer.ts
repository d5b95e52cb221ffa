/** A server of a test's own, on the database that the other tests use, so that it can be killed and started again. */
import { createConnection } from 'mysql2/promise';
import { findFreePort } from '@/cli/processes';
import { servePages } from '@/cli/serve';
import { readServerSettings } from './club/ownClub';

export async function startOwnServer() {
  const port = await findFreePort();
  const env = { ...readServerSettings(), ORIGIN: `http://127.0.0.1:${port}` };
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
