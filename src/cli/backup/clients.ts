/** MariaDB's own client programs, run on the database that DATABASE_URL names. */
import { spawn, type ChildProcess } from 'node:child_process';
import { needProgram } from '../packages';

export interface ClientSettings {
  readonly schema: string;
  /** Words every client program takes. */
  readonly words: readonly string[];
  readonly env: Readonly<Record<string, string>>;
}

/** The password goes by the environment: words can be read by everybody on the machine. */
export function readClientSettings(databaseUrl: string): ClientSettings {
  const url = new URL(databaseUrl);
  return {
    schema: decodeURIComponent(url.pathname.slice(1)),
    words: [
      '--no-defaults',
      '--protocol=tcp',
      `--host=${url.hostname}`,
      `--port=${url.port === '' ? '3306' : url.port}`,
      `--user=${decodeURIComponent(url.username)}`,
      '--default-character-set=utf8mb4',
    ],
    env: { MYSQL_PWD: decodeURIComponent(url.password) },
  };
}

/** Starts a client program with its pipes open; install advice when it is missing. */
export function startClient(
  program: 'mariadb' | 'mariadb-dump',
  settings: ClientSettings,
  words: readonly string[],
): ChildProcess {
  needProgram(program, 'mariadb-client');
  return spawn(program, [...settings.words, ...words], {
    stdio: ['pipe', 'pipe', 'pipe'],
    env: { ...process.env, ...settings.env },
  });
}

/** Settles when the program has ended well; else rejects with its own words. */
export function waitForClient(child: ChildProcess): Promise<void> {
  return new Promise((resolve, reject) => {
    let said = '';
    child.stderr?.setEncoding('utf8').on('data', (text: string) => (said += text.slice(0, 4000)));
    child.once('error', reject);
    child.once('close', (code) => {
      if (code === 0) resolve();
      else reject(new Error(said.trim() === '' ? `${child.spawnfile} ended with ${code}` : said.trim()));
    });
  });
}
