/** `vorschule test`: every check in order, then one closing line with the totals over all runners. */
import { mkdirSync, readFileSync, rmSync } from 'node:fs';
import path from 'node:path';
import { z } from 'zod/mini';
import { buildWhenStale } from './build';
import { createLifetime, type Lifetime } from './lifetime';
import { startMariadb, type PrivateDatabase } from './mariadb';
import { needProgram } from './packages';
import { findFreePort, runHere } from './processes';
import { Advice, say } from './say';
import { servePages } from './serve';

interface Counts {
  readonly passed: number;
  readonly failed: number;
}

interface Step {
  readonly name: string;
  /** Left out unless everything is asked for, or this step. */
  readonly isLong?: boolean;
  readonly run: (context: Context) => Counts | Promise<Counts>;
}

interface Context {
  readonly isLong: boolean;
  readonly shuffle: number | undefined;
  readonly lifetime: Lifetime;
  /** Started at the first call; gone at the end of the run. */
  readonly database: () => Promise<PrivateDatabase>;
  /** Address of the schema with the demo club in it; made at the first call. */
  readonly demoDatabase: () => Promise<string>;
}

const RESULTS = path.join('.data', 'test-results');

/** A command that is one check: it passes or it fails. */
function checkStep(name: string, ...words: readonly string[]): Step {
  return {
    name,
    run: () => (runHere('npm', ['run', '--silent', ...words]) === 0 ? ONE_PASSED : ONE_FAILED),
  };
}

const ONE_PASSED: Counts = { passed: 1, failed: 0 };
const ONE_FAILED: Counts = { passed: 0, failed: 1 };

const STEPS: readonly Step[] = [
  checkStep('types', 'typecheck'),
  checkStep('lint', 'lint'),
  checkStep('format', 'format:check'),
  checkStep('layers', 'layers'),
  checkStep('unused', 'unused'),
  checkStep('licences', 'licences'),
  {
    name: 'build',
    run: () => {
      buildWhenStale();
      return ONE_PASSED;
    },
  },
  {
    name: 'unit',
    run: ({ isLong }) => {
      // What is printed is read by a reader we did not write.
      needProgram('pdftotext', 'poppler-utils');
      return runJest(isLong ? ['core', 'ui', 'long'] : ['core', 'ui'], {});
    },
  },
  {
    name: 'database',
    run: async ({ database }) => {
      buildWhenStale();
      needProgram('pdftotext', 'poppler-utils');
      return runJest(['database'], { TEST_DATABASE_URL: (await database()).urlOf('vorschule') });
    },
  },
  {
    name: 'demo',
    run: async ({ demoDatabase }) => {
      needProgram('mariadb-dump', 'mariadb-client');
      const url = await demoDatabase();
      return runJest(['demo'], { DEMO_DATABASE_URL: url, TEST_DATABASE_URL: url });
    },
  },
  { name: 'e2e', run: runPlaywright },
  {
    name: 'faults',
    isLong: true,
    run: async ({ database }) => {
      buildWhenStale();
      needProgram('faketime', 'faketime');
      // One after another: each keeps a whole server busy, and waits are bounded.
      return runJest(['faults'], { TEST_DATABASE_URL: (await database()).urlOf('vorschule') }, '--runInBand');
    },
  },
  {
    name: 'cluster',
    isLong: true,
    run: () => {
      buildWhenStale();
      // Where these cannot be had, the step fails and says so.
      needProgram('mariadbd', 'mariadb-server');
      needProgram('rsync', 'rsync');
      needProgram('lsof', 'lsof');
      needProgram('haproxy', 'haproxy');
      needProgram('ss', 'iproute2');
      return runJest(['cluster'], {});
    },
  },
];

/** Runs the steps, all or one, and returns the exit code. */
export async function runTests(options: {
  isLong: boolean;
  only: string | undefined;
  /** Draws the order of the browser test files; undefined: as they are listed. */
  shuffle: number | undefined;
}): Promise<number> {
  const steps = STEPS.filter(({ name, isLong = false }) =>
    options.only === undefined ? options.isLong || !isLong : name === options.only,
  );
  if (steps.length === 0) {
    throw new Advice(
      `There is no step "${options.only}". Steps: ${STEPS.map(({ name }) => name).join(', ')}`,
    );
  }
  mkdirSync(RESULTS, { recursive: true });
  const lifetime = createLifetime();
  let started: Promise<PrivateDatabase> | undefined;
  const database = () => (started ??= startThrowAway(lifetime));
  let seeded: Promise<string> | undefined;
  const context: Context = {
    isLong: options.isLong,
    shuffle: options.shuffle,
    lifetime,
    database,
    demoDatabase: () => (seeded ??= database().then(seedDemo)),
  };
  let passed = 0;
  let failed = 0;
  const failing: string[] = [];
  try {
    for (const step of steps) {
      say(`\n== ${step.name}`);
      const startedAt = Date.now();
      const counts = await runStep(step, context);
      passed += counts.passed;
      failed += counts.failed;
      if (counts.failed > 0) failing.push(step.name);
      say(`== ${step.name}: ${counts.passed} passed, ${counts.failed} failed (${seconds(startedAt)} s)`);
    }
  } finally {
    await lifetime.end();
  }
  if (failing.length > 0) process.stdout.write(`Failing: ${failing.join(', ')}\n`);
  process.stdout.write(`${passed} passed, ${failed} failed\n`);
  return failed === 0 ? 0 : 1;
}

/** A step that breaks off counts as one failure; the later steps still run. */
async function runStep(step: Step, context: Context): Promise<Counts> {
  try {
    return await step.run(context);
  } catch (error) {
    say(error instanceof Advice ? error.message : String(error instanceof Error ? error.stack : error));
    return ONE_FAILED;
  }
}

function seconds(startedAt: number): number {
  return Math.round((Date.now() - startedAt) / 1000);
}

async function startThrowAway(lifetime: Lifetime): Promise<PrivateDatabase> {
  const directory = path.join('.data', `test-${process.pid}`);
  lifetime.onEnd(() => {
    rmSync(directory, { recursive: true, force: true });
    return Promise.resolve();
  });
  const database = await startMariadb(directory, 'thrown-away');
  lifetime.onEnd(() => database.stop());
  return database;
}

const jestSchema = z.object({
  numPassedTests: z.number(),
  numFailedTests: z.number(),
  numRuntimeErrorTestSuites: z.number(),
});

function runJest(
  projects: readonly string[],
  env: Readonly<Record<string, string>>,
  // Jest leaves one core idle by itself: on two cores that is half the machine.
  workers = '--maxWorkers=100%',
): Counts {
  const file = path.join(RESULTS, `jest-${projects[0]}.json`);
  rmSync(file, { force: true });
  const words = [workers, '--json', `--outputFile=${file}`, '--selectProjects', ...projects];
  runHere('node_modules/.bin/jest', words, { ...env, NODE_OPTIONS: '' });
  const result = jestSchema.parse(JSON.parse(readFileSync(file, 'utf8')));
  return {
    passed: result.numPassedTests,
    failed: result.numFailedTests + result.numRuntimeErrorTestSuites,
  };
}

const SECRET = 'a-secret-for-tests-only-0123456789abcdef';

function seedDemo(database: PrivateDatabase): string {
  buildWhenStale();
  const url = database.urlOf('vorschule');
  const seeding = ['--conditions=react-server', '--enable-source-maps', 'dist/cli.mjs', 'seed-demo'];
  const env = { DATABASE_URL: url, SESSION_SECRET: SECRET, ORIGIN: 'http://127.0.0.1:3000' };
  if (runHere(process.execPath, seeding, env) !== 0) throw new Advice('The demo data could not be made.');
  return url;
}

const playwrightSchema = z.object({
  stats: z.object({ expected: z.number(), unexpected: z.number(), flaky: z.number() }),
  errors: z.array(z.unknown()),
});

/** The production build on a database of its own with the demo club in it, driven by Debian's Chromium. */
async function runPlaywright({ demoDatabase, lifetime, shuffle }: Context): Promise<Counts> {
  needProgram('chromium', 'chromium');
  const port = await findFreePort();
  const env = {
    DATABASE_URL: await demoDatabase(),
    SESSION_SECRET: SECRET,
    ORIGIN: `http://127.0.0.1:${port}`,
  };
  const served = await servePages({ host: '127.0.0.1', port, env });
  lifetime.onEnd(() => served.stop());
  const file = path.join(RESULTS, 'playwright.json');
  rmSync(file, { force: true });
  runHere('node_modules/.bin/playwright', ['test', '--config', 'playwright.config.ts'], {
    E2E_ORIGIN: env.ORIGIN,
    E2E_DATABASE_URL: env.DATABASE_URL,
    E2E_SESSION_SECRET: env.SESSION_SECRET,
    ...(shuffle === undefined ? {} : { E2E_SHUFFLE: String(shuffle) }),
    PLAYWRIGHT_JSON_OUTPUT_NAME: file,
    NODE_OPTIONS: '',
  });
  const { stats, errors } = playwrightSchema.parse(JSON.parse(readFileSync(file, 'utf8')));
  return { passed: stats.expected, failed: stats.unexpected + stats.flaky + errors.length };
}
