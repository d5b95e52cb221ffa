import { existsSync, mkdirSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import path from 'node:path';
import { Advice } from './say';

/** Makes sure one process uses a data folder; returns how to give it back. */
export function takeLock(directory: string): () => Promise<void> {
  const file = path.resolve(`${directory}.lock`);
  mkdirSync(path.dirname(file), { recursive: true });
  const holder = existsSync(file) ? Number(readFileSync(file, 'utf8')) : undefined;
  if (holder !== undefined && isRunning(holder)) {
    throw new Advice(
      `Vorschule is already running with ${directory} (process ${holder}). Stop it there with Ctrl-C.`,
    );
  }
  writeFileSync(file, String(process.pid));
  return () => {
    rmSync(file, { force: true });
    return Promise.resolve();
  };
}

function isRunning(pid: number): boolean {
  const commandLine = `/proc/${pid}/cmdline`;
  return (
    pid !== process.pid && existsSync(commandLine) && readFileSync(commandLine, 'utf8').includes('cli.mjs')
  );
}
