// Bundles the command line (dist/) and the server's worker threads (dist-workers/) with esbuild.
import { build } from 'esbuild';

const common = {
  bundle: true,
  platform: 'node',
  target: 'node20',
  format: 'esm',
  sourcemap: true,
  logLevel: 'warning',
  tsconfig: 'tsconfig.json',
};

const targets = {
  // Split, so that a command loads only its own code.
  cli: { entryPoints: { cli: 'src/cli/main.ts' }, outdir: 'dist', packages: 'external', splitting: true },
  workers: {
    entryPoints: { poolWorker: 'src/workers/node/poolWorker.ts' },
    outdir: 'dist-workers',
    packages: 'bundle',
  },
};

const wanted = process.argv.slice(2);
for (const [name, options] of Object.entries(targets)) {
  if (wanted.length > 0 && !wanted.includes(name)) continue;
  await build({ ...common, ...options, outExtension: { '.js': '.mjs' } });
}
