// A schema for each Jest worker on the throw-away server that "./vorschule test" has started.
const base = process.env.TEST_DATABASE_URL;
if (base === undefined) {
  throw new Error(
    'No test database. Run "./vorschule test --only database" or "--only demo", which start one.',
  );
}
const url = new URL(base);
url.pathname = `/vorschule_test_${process.env.JEST_WORKER_ID ?? '1'}`;
process.env.DATABASE_URL = url.href;
process.env.SESSION_SECRET = 'a-secret-for-tests-only-0123456789abcdef';
process.env.ORIGIN = 'http://127.0.0.1:3000';
