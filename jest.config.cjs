/** The core and words in plain Node, panels in jsdom, data and services on a real MariaDB, and the demo club taken elsewhere. */
const transform = {
  '^.+\\.(ts|tsx|mjs|js)$': [
    '@swc/jest',
    {
      jsc: {
        parser: { syntax: 'typescript', tsx: true },
        transform: { react: { runtime: 'automatic' } },
        target: 'es2022',
      },
    },
  ],
};
/**
 * Jest runs tests inside a vm, where each look at a global costs a call out of it: composing took twice as long as in plain Node. These
 * are handed into every module of the core's tests instead. (Packages of the server declare some of these names themselves.)
 */
const GLOBALS = [
  ...['Array', 'BigInt', 'Boolean', 'JSON', 'Map', 'Math', 'Number', 'Object', 'Promise', 'Set'],
  ...['String', 'Symbol', 'WeakMap', 'BigInt64Array', 'BigUint64Array', 'Float64Array', 'Int8Array'],
  ...['Int16Array', 'Int32Array', 'Uint8Array', 'Uint16Array', 'Uint32Array'],
];
const common = {
  transform,
  transformIgnorePatterns: [
    '/node_modules/(?!(uuid|csv-parse|iron-session|chessops|@badrap|flesch-kincaid|syllable)/)',
  ],
  moduleNameMapper: {
    '\\.css$': '<rootDir>/tests/support/emptyModule.cjs',
    '^server-only$': '<rootDir>/tests/support/emptyModule.cjs',
    '^@/(.*)$': '<rootDir>/src/$1',
  },
  modulePathIgnorePatterns: ['<rootDir>/.next', '<rootDir>/dist', '<rootDir>/.data'],
};

const projects = [
  {
    ...common,
    displayName: 'core',
    sandboxInjectedGlobals: GLOBALS,
    testEnvironment: 'node',
    testMatch: ['<rootDir>/src/**/*.test.ts', '<rootDir>/tests/truth/**/*.test.ts'],
    testPathIgnorePatterns: ['<rootDir>/src/ui/', '<rootDir>/src/app/', '\\.long\\.test\\.ts$'],
  },
  {
    ...common,
    displayName: 'long',
    sandboxInjectedGlobals: GLOBALS,
    testEnvironment: 'node',
    testMatch: ['<rootDir>/src/**/*.long.test.ts', '<rootDir>/tests/long/**/*.test.ts'],
  },
  {
    ...common,
    displayName: 'ui',
    testEnvironment: 'jsdom',
    testMatch: ['<rootDir>/src/{ui,app}/**/*.test.{ts,tsx}'],
    setupFilesAfterEnv: ['<rootDir>/tests/support/domSetup.ts'],
  },
  {
    ...common,
    displayName: 'database',
    testEnvironment: 'node',
    testMatch: ['<rootDir>/tests/integration/**/*.test.ts'],
    setupFiles: ['<rootDir>/tests/support/databaseSettings.ts'],
  },
  {
    ...common,
    displayName: 'demo',
    testEnvironment: 'node',
    testMatch: ['<rootDir>/tests/demo/**/*.test.ts'],
    setupFiles: ['<rootDir>/tests/support/databaseSettings.ts'],
  },
  {
    ...common,
    displayName: 'faults',
    testEnvironment: 'node',
    testMatch: ['<rootDir>/tests/faults/**/*.test.ts'],
    setupFiles: ['<rootDir>/tests/support/databaseSettings.ts'],
  },
  {
    ...common,
    displayName: 'cluster',
    testEnvironment: 'node',
    testMatch: ['<rootDir>/tests/cluster/**/*.test.ts'],
  },
];

/** Said without a project, only what needs nothing but Node runs: `npx jest -t may-castle`. */
const isChosen = process.argv.some((word) => word.startsWith('--selectProjects'));

module.exports = {
  // A busy machine is slow; nothing here measures time.
  testTimeout: 60_000,
  filter: '<rootDir>/tests/support/familyFilter.cjs',
  testSequencer: '<rootDir>/tests/support/longestFirst.cjs',
  projects: isChosen ? projects : projects.filter(({ displayName }) => ['core', 'ui'].includes(displayName)),
};
