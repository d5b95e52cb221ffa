import { readdirSync } from 'node:fs';
import { defineConfig, devices } from '@playwright/test';
import { createRandom, randomBelow } from '@/core/shared';

/** "./vorschule test" starts a server of its own and names it here; alone, the tests run against a demo that is open. */
const origin = process.env.E2E_ORIGIN ?? 'http://127.0.0.1:3000';

/**
 * A project a file, so that files run in the order in which they stand here: the one with the most parts first, or, to show that no file
 * leans on another one, in an order drawn from E2E_SHUFFLE.
 */
function listProjects() {
  const files = readdirSync('tests/e2e').filter((file) => file.endsWith('.spec.ts'));
  const seed = process.env.E2E_SHUFFLE;
  files.sort();
  if (seed !== undefined) {
    const random = createRandom(Number(seed));
    const left = files.splice(0);
    while (left.length > 0) files.push(...left.splice(randomBelow(random, left.length), 1));
  }
  return files.map((file) => ({ name: file.replace('.spec.ts', ''), testMatch: `**/${file}` }));
}

export default defineConfig({
  projects: listProjects(),
  globalSetup: './tests/support/bundlePrograms.ts',
  testDir: 'tests/e2e',
  outputDir: 'test-results',
  fullyParallel: false,
  workers: 2,
  retries: 0,
  timeout: 240_000,
  // A busy machine is slow; nothing here measures time.
  expect: { timeout: 20_000 },
  forbidOnly: true,
  reporter: [['list'], ['json']],
  use: {
    ...devices['Desktop Chrome'],
    viewport: { width: 1280, height: 800 },
    baseURL: origin,
    // A trace is drawn at every step of every test; one that fails tells what was on the page without it.
    trace: process.env.E2E_TRACE === undefined ? 'off' : 'retain-on-failure',
    launchOptions: {
      executablePath: '/usr/bin/chromium',
      args: [
        '--no-sandbox',
        '--disable-gpu',
        '--disable-quic',
        '--no-first-run',
        '--disable-background-networking',
        '--disable-component-update',
        '--disable-sync',
        // The app makes no outbound request; a page that tried would fail here.
        '--host-resolver-rules=MAP * ^NOTFOUND , EXCLUDE 127.0.0.1 , EXCLUDE localhost',
      ],
    },
  },
});
