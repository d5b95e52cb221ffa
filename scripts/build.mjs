// The production build: worker threads first, since the server loads them from a file, then the pages.
import { spawnSync } from 'node:child_process';

for (const [command, ...words] of [
  ['node', 'scripts/bundle.mjs', 'workers'],
  ['node_modules/.bin/next', 'build'],
]) {
  const { status } = spawnSync(command, words, {
    stdio: 'inherit',
    env: { ...process.env, NEXT_TELEMETRY_DISABLED: '1', NODE_ENV: 'production' },
  });
  if (status !== 0) process.exit(status ?? 1);
}
