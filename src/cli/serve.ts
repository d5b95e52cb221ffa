import type { ChildProcess } from 'node:child_process';
import { isPortFree, startProgram, stopProgram, waitUntil } from './processes';
import type { Lifetime } from './lifetime';
import { Advice, say } from './say';

export interface Served {
  readonly child: ChildProcess;
  stop(): Promise<void>;
}

/** A machine may be slow; a server that failed has ended, and that is seen at once. */
const READY_TIMEOUT_MS = 180_000;

/** Serves the production build and waits until it answers. */
export async function servePages(options: {
  host: string;
  port: number;
  env: Readonly<Record<'DATABASE_URL' | 'SESSION_SECRET' | 'ORIGIN', string>> & {
    readonly TRUSTED_PROXIES?: string;
  };
  /** Pages from their sources, in one process, instead of the production build. */
  isDev?: boolean;
}): Promise<Served> {
  const { host, port, env, isDev = false } = options;
  await needFreePort(port, host);
  const child = startProgram(
    process.execPath,
    // Without source maps: pages turn away by throwing, and reading the maps for each of these costs more than the page.
    ['dist/cli.mjs', 'serve-here', '--port', String(port), ...(isDev ? ['--dev'] : [])],
    {
      env: {
        ...env,
        ...(isDev ? { PROCESSES: '1' } : {}),
        HOST: host,
        NODE_ENV: isDev ? 'development' : 'production',
        NEXT_TELEMETRY_DISABLED: '1',
        NODE_OPTIONS: '',
      },
      output: 'inherit',
      isOnLeash: true,
    },
  );
  const here = host === '0.0.0.0' || host === '::' ? '127.0.0.1' : host;
  const answers = async () => {
    if (child.exitCode !== null) return true;
    try {
      return (await fetch(`http://${here}:${port}/api/health`)).ok;
    } catch {
      // Not listening yet: fetch rejects until the server has opened its port.
      return false;
    }
  };
  const isReady = await waitUntil(answers, { timeoutMs: READY_TIMEOUT_MS, everyMs: 100 });
  if (!isReady || child.exitCode !== null) {
    await stopProgram(child);
    throw new Advice('The web server did not start; the lines above say why.');
  }
  return { child, stop: () => stopProgram(child) };
}

/** Waits until the command is asked to end (0) or the server ended by itself (1). */
export async function watchServer({ child }: Served, { interrupted }: Lifetime): Promise<number> {
  const died = new Promise<number>((resolve) => child.once('exit', () => resolve(1)));
  const code = await Promise.race([interrupted.then(() => 0), died]);
  if (code !== 0) say('The web server ended by itself; the lines above say why.');
  return code;
}

/** Refuses a taken port with a sentence before anything else is started. */
export async function needFreePort(port: number, host: string): Promise<void> {
  if (await isPortFree(port, host)) return;
  throw new Advice(
    `Port ${port} is in use by another program. Choose another one, for example: --port ${port + 1}`,
  );
}
