import { defineConfig, devices } from '@playwright/test';

/** "./vorschule test" starts a server of its own and names it here; alone, the tests run against a demo that is open. */
const origin = process.env.E2E_ORIGIN ?? 'http://127.0.0.1:3000';

export default defineConfig({
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
    trace: 'retain-on-failure',
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
