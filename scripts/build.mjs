// The production build: worker threads and the seat's worker first, since the server loads or serves them from files, then the pages.
import { spawnSync } from 'node:child_process';

for (const [command, ...words] of [
  ['node', 'scripts/bundle.mjs', 'workers', 'seat'],
  ['node_modules/.bin/next', 'build'],
]) {
  const { status } = spawnSync(command, words, {
    stdio: 'inherit',
    env: { ...process.env, NEXT_TELEMETRY_DISABLED: '1', NODE_ENV: 'production' },
  });
  if (status !== 0) process.exit(status ?? 1);
}
