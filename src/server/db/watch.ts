/**
 * Does the database answer now? Asked again and again over a connection of its own, so that a database that hangs, which says nothing at all,
 * is known to do so within two seconds, whatever else waits for it.
 */
import { createConnection, type Connection } from 'mysql2/promise';
import { getEnv } from '../env';

const EVERY_MS = 500;
/**
 * A database that has said nothing for so many looks does not answer. Looks, not a time: on a machine that is busy they come later, as the
 * answer does, and a process that was held up itself has not heard what may have been said long ago.
 */
const SILENT_LOOKS = 15;
const LOOK_MS = 100;
const CONNECT_MS = 1500;

export interface DatabaseWatch {
  /** Has it answered lately? */
  isAnswering(): boolean;
  stop(): void;
}

/** `onChange` hears of every change; it is taken to answer until the first question shows otherwise. */
export function watchDatabase(onChange: (isAnswering: boolean) => void): DatabaseWatch {
  let isAnswering = true;
  let connection: Connection | undefined;
  const judge = (answers: boolean) => {
    if (answers === isAnswering) return;
    isAnswering = answers;
    onChange(answers);
  };
  let isAsking = false;

  async function ask(): Promise<void> {
    if (isAsking) return;
    isAsking = true;
    let looks = 0;
    const silence = setInterval(() => {
      looks += 1;
      if (looks < SILENT_LOOKS) return;
      judge(false);
      // A question without an answer would be waited for as long as the machine keeps the connection.
      connection?.destroy();
    }, LOOK_MS);
    try {
      connection ??= await connect();
      await connection.query('SELECT 1');
      judge(true);
    } catch {
      // Refused, broken off or given up: each means that it does not answer.
      connection?.destroy();
      connection = undefined;
      judge(false);
    } finally {
      clearInterval(silence);
      isAsking = false;
    }
  }

  const timer = setInterval(() => void ask(), EVERY_MS);
  return {
    isAnswering: () => isAnswering,
    stop: () => {
      clearInterval(timer);
      connection?.destroy();
    },
  };
}

async function connect(): Promise<Connection> {
  const connection = await createConnection({ uri: getEnv().DATABASE_URL, connectTimeout: CONNECT_MS });
  // One that breaks while nothing is asked tells so here; the next question finds out by itself.
  connection.on('error', () => undefined);
  return connection;
}
