import { execFileSync } from 'node:child_process';

/** Bundles what makes the clubs of test files, once before all tests. */
export default function bundleMaker(): void {
  execFileSync(process.execPath, ['scripts/bundle.mjs', 'tests'], { stdio: 'inherit' });
}
