import { spawn, spawnSync, type ChildProcess } from 'node:child_process';
import { createServer } from 'node:net';

/** Runs a command to its end with its output on stderr; returns the exit code. */
export function runHere(
  command: string,
  words: readonly string[],
  env: Readonly<Record<string, string>> = {},
): number {
  const { status } = spawnSync(command, words, {
    stdio: ['ignore', 2, 2],
    env: { ...process.env, ...env },
  });
  return status ?? 1;
}

/** Runs a command to its end and keeps what it prints, in the order in which it comes. */
export function runQuietly(
  command: string,
  words: readonly string[],
): Promise<{ readonly status: number; readonly output: string }> {
  return new Promise((resolve, reject) => {
    const child = spawn(command, words, { stdio: ['ignore', 'pipe', 'pipe'] });
    const chunks: Buffer[] = [];
    for (const stream of [child.stdout, child.stderr])
      stream.on('data', (chunk: Buffer) => chunks.push(chunk));
    child.once('error', reject);
    child.once('close', (status) =>
      resolve({ status: status ?? 1, output: Buffer.concat(chunks).toString('utf8') }),
    );
  });
}

/** For a program on a leash: settles when whoever started it is gone. */
export function waitForLeash(): Promise<void> {
  return new Promise((resolve) => {
    process.stdin.once('end', () => resolve());
    process.stdin.once('error', () => resolve());
    process.stdin.resume();
  });
}

/** Is this program on the PATH? */
export function hasProgram(name: string): boolean {
  return spawnSync('sh', ['-c', `command -v ${name}`], { stdio: 'ignore' }).status === 0;
}

/**
 * Starts a program in a process group of its own, so that Ctrl-C reaches only us and we stop it in order. With a leash it can tell when we
 * are gone, even killed at once: its standard input ends.
 */
export function startProgram(
  command: string,
  words: readonly string[],
  options: { env?: Readonly<Record<string, string>>; output: 'inherit' | 'ignore'; isOnLeash?: boolean },
): ChildProcess {
  const output = options.output === 'inherit' ? 2 : 'ignore';
  return spawn(command, words, {
    detached: true,
    stdio: [options.isOnLeash === true ? 'pipe' : 'ignore', output, output],
    env: { ...process.env, ...options.env },
  });
}

/** Asks the program to end and waits; kills it after the patience, in milliseconds, has run out. */
export async function stopProgram(child: ChildProcess, patienceMs = 15_000): Promise<void> {
  if (child.exitCode !== null || child.signalCode !== null) return;
  const ended = new Promise<void>((resolve) => child.once('exit', () => resolve()));
  child.kill('SIGTERM');
  const timer = setTimeout(() => child.kill('SIGKILL'), patienceMs);
  await ended;
  clearTimeout(timer);
}

/** Can this port of the address be opened now? */
export function isPortFree(port: number, host: string): Promise<boolean> {
  return new Promise((resolve) => {
    const server = createServer();
    server.once('error', () => resolve(false));
    server.listen(port, host, () => server.close(() => resolve(true)));
  });
}

/** A port of 127.0.0.1 nobody uses now. */
export function findFreePort(): Promise<number> {
  return new Promise((resolve, reject) => {
    const server = createServer();
    server.once('error', reject);
    server.listen(0, '127.0.0.1', () => {
      const address = server.address();
      server.close(() =>
        typeof address === 'object' && address !== null
          ? resolve(address.port)
          : reject(new Error('no address for a listening server')),
      );
    });
  });
}

/** Asks again and again until the check holds; false after the time has run out. */
export async function waitUntil(
  check: () => boolean | Promise<boolean>,
  { timeoutMs, everyMs }: { timeoutMs: number; everyMs: number },
): Promise<boolean> {
  const end = Date.now() + timeoutMs;
  while (Date.now() < end) {
    if (await check()) return true;
    await new Promise((resolve) => setTimeout(resolve, everyMs));
  }
  return false;
}
