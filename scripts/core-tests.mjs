/** Runs the tests of the core with Node's own runner; Node 20 takes files, not patterns. */
import { spawnSync } from 'node:child_process';
import { readdirSync } from 'node:fs';
import { availableParallelism } from 'node:os';

const files = readdirSync('tests/core', { recursive: true })
  .map(String)
  .filter((file) => file.endsWith('.test.ts'))
  .map((file) => `tests/core/${file}`)
  .toSorted();
const { status } = spawnSync(process.execPath, ['--import', 'tsx', '--test', `--test-concurrency=${availableParallelism()}`, ...files], {
  stdio: 'inherit',
});
process.exit(status ?? 1);
