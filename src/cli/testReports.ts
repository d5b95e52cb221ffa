/** What the test runners report: how many tests passed and failed, and how long each took. */
import { z } from 'zod/mini';

export interface TimedTest {
  readonly name: string;
  readonly file: string;
  readonly durationMs: number;
}

export interface TestReport {
  readonly passed: number;
  readonly failed: number;
  readonly timed: readonly TimedTest[];
}

const jestSchema = z.object({
  numPassedTests: z.number(),
  numFailedTests: z.number(),
  numRuntimeErrorTestSuites: z.number(),
  testResults: z.array(
    z.object({
      name: z.string(),
      assertionResults: z.array(
        z.object({ fullName: z.string(), duration: z.optional(z.nullable(z.number())) }),
      ),
    }),
  ),
});

/** Of Jest's JSON. A test file that breaks off counts as one failure. */
export function readJestReport(text: string): TestReport {
  const report = jestSchema.parse(JSON.parse(text));
  return {
    passed: report.numPassedTests,
    failed: report.numFailedTests + report.numRuntimeErrorTestSuites,
    timed: report.testResults.flatMap(({ name, assertionResults }) =>
      assertionResults.map(({ fullName, duration }) => ({
        name: fullName,
        file: name.split('/').at(-1) ?? name,
        durationMs: duration ?? 0,
      })),
    ),
  };
}

const specSchema = z.object({
  title: z.string(),
  file: z.string(),
  tests: z.array(z.object({ results: z.array(z.object({ duration: z.number() })) })),
});
interface Suite {
  readonly specs: readonly z.infer<typeof specSchema>[];
  readonly suites?: readonly Suite[] | undefined;
}
const suiteSchema: z.ZodMiniType<Suite> = z.object({
  specs: z.array(specSchema),
  suites: z.optional(z.array(z.lazy(() => suiteSchema))),
});
const playwrightSchema = z.object({
  stats: z.object({ expected: z.number(), unexpected: z.number(), flaky: z.number() }),
  errors: z.array(z.unknown()),
  suites: z.array(suiteSchema),
});

/** Of Playwright's JSON. A test that passes only when it is repeated has failed. */
export function readPlaywrightReport(text: string): TestReport {
  const { stats, errors, suites } = playwrightSchema.parse(JSON.parse(text));
  const listSpecs = (suite: Suite): Suite['specs'] => [
    ...suite.specs,
    ...(suite.suites ?? []).flatMap(listSpecs),
  ];
  return {
    passed: stats.expected,
    failed: stats.unexpected + stats.flaky + errors.length,
    timed: suites.flatMap(listSpecs).map(({ title, file, tests }) => ({
      name: title,
      file,
      durationMs: tests
        .flatMap(({ results }) => results)
        .reduce((longest, { duration }) => Math.max(longest, duration), 0),
    })),
  };
}

/** The slowest first, as lines: "12.3 s  seat.spec.ts: a reload loses nothing". */
export function listSlowest(timed: readonly TimedTest[], count: number): string[] {
  return timed
    .toSorted((a, b) => b.durationMs - a.durationMs)
    .slice(0, count)
    .map(({ name, file, durationMs }) => `${(durationMs / 1000).toFixed(1).padStart(6)} s  ${file}: ${name}`);
}
