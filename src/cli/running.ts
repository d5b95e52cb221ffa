/** The demo that runs on this machine, for commands beside it. */
import { existsSync, readFileSync } from 'node:fs';
import path from 'node:path';
import { z } from 'zod/mini';
import { runHere } from './processes';
import { Advice } from './say';

/** While the demo runs: its settings. */
export const RUNNING = path.join('.data', 'demo', 'running.json');

const runningSchema = z.object({ DATABASE_URL: z.string(), SESSION_SECRET: z.string(), ORIGIN: z.string() });

/** Its settings; advice when none runs. */
export function getRunningDemo(): z.infer<typeof runningSchema> {
  if (!existsSync(RUNNING))
    throw new Advice('No demo runs here. Start it in another window: ./vorschule demo');
  return runningSchema.parse(JSON.parse(readFileSync(RUNNING, 'utf8')));
}

/**
 * Runs another verb of ours on the database that the environment names, else on that of the demo that runs; in a process of its own, which
 * reads its settings once. Gives its exit code.
 */
export function runOnDatabase(...words: readonly string[]): number {
  const env = process.env.DATABASE_URL === undefined ? getRunningDemo() : {};
  const node = ['--conditions=react-server', '--enable-source-maps', 'dist/cli.mjs'];
  return runHere(process.execPath, [...node, ...words], env);
}
