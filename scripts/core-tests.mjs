/**
 * Runs the tests that need no browser with Node's own runner; Node 20 takes files, not patterns. What they check documents
 * with is compiled first, so that they run by themselves in a fresh clone.
 */
import { spawnSync } from 'node:child_process';
import { readdirSync } from 'node:fs';
import { availableParallelism } from 'node:os';

const tsx = ['--import', 'tsx'];
const compiled = spawnSync(process.execPath, [...tsx, 'scripts/compile-validators.ts'], { stdio: 'inherit' });
if (compiled.status !== 0) process.exit(compiled.status ?? 1);

const files = ['tests/core', 'tests/src', 'tests/scripts'].flatMap((folder) =>
  readdirSync(folder, { recursive: true })
    .map(String)
    .filter((file) => file.endsWith('.test.ts'))
    .map((file) => `${folder}/${file}`),
);
const { status } = spawnSync(process.execPath, [...tsx, '--test', `--test-concurrency=${availableParallelism()}`, ...files.toSorted()], {
  stdio: 'inherit',
});
process.exit(status ?? 1);
