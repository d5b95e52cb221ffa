// Bundles the command line (dist/), the server's worker threads (dist-workers/) and, when asked for, the bench (dist-bench/) and the
// programs that tests run beside themselves (dist-tests/).
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
  bench: { entryPoints: { bench: 'bench/main.ts' }, outdir: 'dist-bench', packages: 'external' },
  tests: {
    entryPoints: {
      makeClub: 'tests/support/club/makeClub.ts',
      migrateAndDie: 'tests/support/schema/migrateAndDie.ts',
    },
    outdir: 'dist-tests',
    packages: 'external',
  },
  load: { entryPoints: { load: 'bench/load.ts' }, outdir: 'dist-bench', packages: 'external' },
  // What browsers run beside the seat's pages (Next serves public/ as it is).
  seat: {
    entryPoints: { 'seat-worker': 'src/workers/seat/seatWorker.ts' },
    outdir: 'public',
    packages: 'bundle',
    platform: 'browser',
    target: 'es2022',
    format: 'iife',
    sourcemap: false,
    minify: true,
    outExtension: { '.js': '.js' },
  },
  workers: {
    entryPoints: { poolWorker: 'src/workers/node/poolWorker.ts' },
    outdir: 'dist-workers',
    packages: 'bundle',
    // They load files of their own.
    external: ['pdfkit', 'svg-to-pdfkit'],
  },
};

const named = process.argv.slice(2);
const wanted = named.length > 0 ? named : ['cli', 'workers'];
for (const [name, options] of Object.entries(targets)) {
  if (!wanted.includes(name)) continue;
  await build({ ...common, outExtension: { '.js': '.mjs' }, ...options });
}
