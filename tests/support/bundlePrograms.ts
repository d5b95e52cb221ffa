import { execFileSync } from 'node:child_process';

/** Bundles the programs that tests run beside themselves, once before all tests. */
export default function bundlePrograms(): void {
  execFileSync(process.execPath, ['scripts/bundle.mjs', 'tests'], { stdio: 'inherit' });
}
