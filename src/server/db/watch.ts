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
    const silence = startSilence();
    const asked = connection === undefined ? connect() : Promise.resolve(connection);
    try {
      connection = await Promise.race([asked, silence.isLong]);
      await Promise.race([connection.query('SELECT 1'), silence.isLong]);
      judge(true);
    } catch {
      // Refused, broken off or silent: each means that it does not answer. A connection that comes too late is not kept.
      asked.then((late) => late.destroy()).catch(() => undefined);
      connection = undefined;
      judge(false);
    } finally {
      silence.end();
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

/**
 * Rejects when nothing was heard for too long. The driver does not help: whoever destroys a connection hears nothing any more of what was
 * asked over it, neither an answer nor an error.
 */
function startSilence(): { readonly isLong: Promise<never>; end: () => void } {
  let looks = 0;
  let timer: NodeJS.Timeout | undefined;
  const isLong = new Promise<never>((_, reject) => {
    timer = setInterval(() => {
      looks += 1;
      if (looks >= SILENT_LOOKS) reject(new Error('silent'));
    }, LOOK_MS);
  });
  // Nobody may be waiting for it any more.
  isLong.catch(() => undefined);
  return { isLong, end: () => clearInterval(timer) };
}

async function connect(): Promise<Connection> {
  const connection = await createConnection({ uri: getEnv().DATABASE_URL, connectTimeout: CONNECT_MS });
  // One that breaks while nothing is asked tells so here; the next question finds out by itself.
  connection.on('error', () => undefined);
  return connection;
}
