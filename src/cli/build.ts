import { readdirSync, statSync } from 'node:fs';
import path from 'node:path';
import { runHere } from './processes';
import { Advice, say } from './say';

const SOURCES = [
  'src',
  'public',
  'scripts',
  'package-lock.json',
  'next.config.ts',
  'postcss.config.cjs',
  'tsconfig.json',
];
const STAMP = '.next/BUILD_ID';

/** Makes the production build when a source is newer than the last one. */
export function buildWhenStale(): void {
  const built = Math.min(timeOf(STAMP), timeOf('dist-workers/poolWorker.mjs'));
  if (built > Math.max(...SOURCES.map(newestTime))) return;
  say('Building (about a minute) ...');
  if (runHere('node', ['scripts/build.mjs']) !== 0) {
    throw new Advice('The build failed; the lines above say where.');
  }
}

/** What the server loads beside its pages: its worker threads and the seat's worker. */
export function bundleWorkers(): void {
  if (runHere('node', ['scripts/bundle.mjs', 'workers', 'seat']) !== 0)
    throw new Advice('The workers could not be bundled; the lines above say where.');
}

function timeOf(file: string): number {
  return statSync(file, { throwIfNoEntry: false })?.mtimeMs ?? 0;
}

function newestTime(file: string): number {
  const stats = statSync(file, { throwIfNoEntry: false });
  if (stats === undefined) return 0;
  if (!stats.isDirectory()) return stats.mtimeMs;
  return Math.max(0, ...readdirSync(file).map((name) => newestTime(path.join(file, name))));
}
