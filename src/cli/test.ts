/** `vorschule test`: every check in order, then one closing line with the totals over all runners. */
import { mkdirSync, readFileSync, rmSync } from 'node:fs';
import { availableParallelism } from 'node:os';
import path from 'node:path';
import { buildWhenStale } from './build';
import { createLifetime, type Lifetime } from './lifetime';
import { startMariadb, type PrivateDatabase } from './mariadb';
import { needProgram } from './packages';
import { findFreePort, runHere, runQuietly } from './processes';
import { Advice, say } from './say';
import { servePages } from './serve';
import { listSlowest, readJestReport, readPlaywrightReport, type TimedTest } from './testReports';

interface Counts {
  readonly passed: number;
  readonly failed: number;
  readonly timed?: readonly TimedTest[];
}

interface Step {
  readonly name: string;
  /** Left out unless everything is asked for, or this step. */
  readonly isLong?: boolean;
  /** Uses one core and no database: such steps run side by side. */
  readonly isCheck?: boolean;
  readonly run: (context: Context) => Counts | Promise<Counts>;
}

interface Context {
  readonly isLong: boolean;
  readonly shuffle: number | undefined;
  /** Test files are left out unless this stands in their path. */
  readonly files: string | undefined;
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
    isCheck: true,
    run: async () => {
      const { status, output } = await runQuietly('npm', ['run', '--silent', ...words]);
      if (status !== 0) say(`\n== ${name}\n${output}`);
      return status === 0 ? ONE_PASSED : ONE_FAILED;
    },
  };
}

const ONE_PASSED: Counts = { passed: 1, failed: 0 };
const ONE_FAILED: Counts = { passed: 0, failed: 1 };

const STEPS: readonly Step[] = [
  // The longest first: the others run beside it.
  checkStep('lint', 'lint'),
  checkStep('types', 'typecheck'),
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
    run: ({ isLong, files }) => {
      // What is printed is read by a reader we did not write.
      needProgram('pdftotext', 'poppler-utils');
      return runJest(isLong ? ['core', 'ui', 'long'] : ['core', 'ui'], {}, files);
    },
  },
  {
    name: 'database',
    run: async ({ database, files }) => {
      buildWhenStale();
      needProgram('pdftotext', 'poppler-utils');
      return runJest(['database'], { TEST_DATABASE_URL: (await database()).urlOf('vorschule') }, files);
    },
  },
  {
    name: 'demo',
    run: async ({ demoDatabase, files }) => {
      needProgram('mariadb-dump', 'mariadb-client');
      const url = await demoDatabase();
      return runJest(['demo'], { DEMO_DATABASE_URL: url, TEST_DATABASE_URL: url }, files);
    },
  },
  { name: 'e2e', run: runPlaywright },
  {
    name: 'faults',
    isLong: true,
    run: async ({ database, files }) => {
      buildWhenStale();
      needProgram('faketime', 'faketime');
      const env = { TEST_DATABASE_URL: (await database()).urlOf('vorschule') };
      // One after another: each keeps a whole server busy, and waits are bounded.
      return runJest(['faults'], env, files, '--runInBand');
    },
  },
  {
    name: 'cluster',
    isLong: true,
    run: ({ files }) => {
      buildWhenStale();
      // Where these cannot be had, the step fails and says so.
      needProgram('mariadbd', 'mariadb-server');
      needProgram('rsync', 'rsync');
      needProgram('lsof', 'lsof');
      needProgram('haproxy', 'haproxy');
      needProgram('ss', 'iproute2');
      return runJest(['cluster'], {}, files);
    },
  },
];

/** Runs the steps, all or one, and returns the exit code. */
export async function runTests(options: {
  isLong: boolean;
  only: string | undefined;
  /** Draws the order of the browser test files; undefined: as they are listed. */
  shuffle: number | undefined;
  /** A part of the path of test files: the others are left out. */
  files: string | undefined;
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
    files: options.files,
    lifetime,
    database,
    demoDatabase: () => (seeded ??= database().then(seedDemo)),
  };
  const done: Done[] = [];
  async function run(step: Step): Promise<void> {
    if (step.isCheck !== true) say(`\n== ${step.name}`);
    const startedAt = Date.now();
    const counts = await runStep(step, context);
    const seconds = Math.round((Date.now() - startedAt) / 1000);
    done.push({ name: step.name, seconds, counts });
    say(`== ${step.name}: ${counts.passed} passed, ${counts.failed} failed (${seconds} s)`);
  }
  try {
    await runBeside(
      steps.filter(({ isCheck }) => isCheck === true),
      run,
    );
    for (const step of steps) if (step.isCheck !== true) await run(step);
  } finally {
    await lifetime.end();
  }
  return close(done);
}

interface Done {
  readonly name: string;
  readonly seconds: number;
  readonly counts: Counts;
}

/** As many at a time as there are cores. */
async function runBeside(steps: readonly Step[], run: (step: Step) => Promise<void>): Promise<void> {
  const waiting = [...steps];
  const lane = async () => {
    for (let step = waiting.shift(); step !== undefined; step = waiting.shift()) await run(step);
  };
  await Promise.all(Array.from({ length: availableParallelism() }, lane));
}

/** How long each step took, the slowest tests, what fails, and the totals as the last line. */
function close(done: readonly Done[]): number {
  say(`\nSteps: ${done.map(({ name, seconds }) => `${name} ${seconds} s`).join(', ')}`);
  const timed = done.flatMap(({ counts }) => counts.timed ?? []);
  if (timed.length > 0) say(`Slowest tests:\n${listSlowest(timed, SLOWEST_TOLD).join('\n')}`);
  const failing = done.filter(({ counts }) => counts.failed > 0);
  if (failing.length > 0) process.stdout.write(`Failing: ${failing.map(({ name }) => name).join(', ')}\n`);
  const sum = (key: 'passed' | 'failed') => done.reduce((all, { counts }) => all + counts[key], 0);
  process.stdout.write(`${sum('passed')} passed, ${sum('failed')} failed\n`);
  return failing.length === 0 ? 0 : 1;
}

const SLOWEST_TOLD = 10;

/** A step that breaks off counts as one failure; the later steps still run. */
async function runStep(step: Step, context: Context): Promise<Counts> {
  try {
    return await step.run(context);
  } catch (error) {
    say(error instanceof Advice ? error.message : String(error instanceof Error ? error.stack : error));
    return ONE_FAILED;
  }
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

function runJest(
  projects: readonly string[],
  env: Readonly<Record<string, string>>,
  files: string | undefined,
  // Jest leaves one core idle by itself: on two cores that is half the machine.
  workers = '--maxWorkers=100%',
): Counts {
  const file = path.join(RESULTS, `jest-${projects[0]}.json`);
  rmSync(file, { force: true });
  const words = [workers, '--json', `--outputFile=${file}`, '--selectProjects', ...projects];
  if (files !== undefined) words.push('--testPathPatterns', files);
  runHere('node_modules/.bin/jest', words, { ...env, NODE_OPTIONS: '' });
  return readJestReport(readFileSync(file, 'utf8'));
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

/** The production build on a database of its own with the demo club in it, driven by Debian's Chromium. */
async function runPlaywright({ demoDatabase, lifetime, shuffle, files }: Context): Promise<Counts> {
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
  const words = ['test', '--config', 'playwright.config.ts', ...(files === undefined ? [] : [files])];
  runHere('node_modules/.bin/playwright', words, {
    E2E_ORIGIN: env.ORIGIN,
    E2E_DATABASE_URL: env.DATABASE_URL,
    E2E_SESSION_SECRET: env.SESSION_SECRET,
    ...(shuffle === undefined ? {} : { E2E_SHUFFLE: String(shuffle) }),
    PLAYWRIGHT_JSON_OUTPUT_NAME: file,
    NODE_OPTIONS: '',
  });
  return readPlaywrightReport(readFileSync(file, 'utf8'));
}
