import { listSlowest, readJestReport, readPlaywrightReport } from './testReports';

test('a Jest report is counted, files that break off included, and its tests have their times', () => {
  const report = readJestReport(
    JSON.stringify({
      numPassedTests: 1,
      numFailedTests: 1,
      numRuntimeErrorTestSuites: 1,
      testResults: [
        {
          name: '/somewhere/src/board.test.ts',
          assertionResults: [
            { fullName: 'a board has 64 squares', duration: 5 },
            { fullName: 'not run', duration: null },
          ],
        },
      ],
    }),
  );
  expect(report).toEqual({
    passed: 1,
    failed: 2,
    timed: [
      { name: 'a board has 64 squares', file: 'board.test.ts', durationMs: 5 },
      { name: 'not run', file: 'board.test.ts', durationMs: 0 },
    ],
  });
});

test('of Playwright a test in a nested group is found, and one that needed a second go has failed', () => {
  const spec = (title: string, ...durations: number[]) => ({
    title,
    file: 'seat.spec.ts',
    tests: [{ results: durations.map((duration) => ({ duration })) }],
  });
  const report = readPlaywrightReport(
    JSON.stringify({
      stats: { expected: 2, unexpected: 0, flaky: 1 },
      errors: [],
      suites: [
        { specs: [spec('one', 900)], suites: [{ specs: [spec('two', 100, 12_340), spec('three', 1)] }] },
      ],
    }),
  );
  expect(report).toMatchObject({ passed: 2, failed: 1 });
  expect(listSlowest(report.timed, 2)).toEqual([
    '  12.3 s  seat.spec.ts: two',
    '   0.9 s  seat.spec.ts: one',
  ]);
});
