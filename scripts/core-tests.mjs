/**
 * Runs the tests that need no browser with Node's own runner, a process for each core. The files of tests/core share
 * processes; those of the other folders give the browser's globals another meaning, each in a process of its own. What
 * they check documents with is compiled first, so that they run by themselves in a fresh clone.
 */
import { spawn, spawnSync } from 'node:child_process';
import { readdirSync } from 'node:fs';
import { availableParallelism } from 'node:os';

const TSX = ['--import', 'tsx'];

/** More groups than cores: one that takes long does not leave the other cores without work. */
const GROUPS = 3 * availableParallelism();

const compiled = spawnSync(process.execPath, [...TSX, 'scripts/compile-validators.ts'], { stdio: 'inherit' });
if (compiled.status !== 0) process.exit(compiled.status ?? 1);

const core = filesIn('tests/core');
const shared = Array.from({ length: GROUPS }, (_, group) => core.filter((_file, order) => order % GROUPS === group));
const waiting = [...shared, ...['tests/src', 'tests/scripts'].flatMap(filesIn).map((file) => [file])];
await Promise.all(Array.from({ length: availableParallelism() }, runWaiting));

async function runWaiting() {
  for (let files = waiting.shift(); files; files = waiting.shift()) {
    if ((await codeOf(files)) !== 0) process.exitCode = 1;
  }
}

/** The code that some test files end with, once their output is shown. */
function codeOf(files) {
  return new Promise((resolve) => {
    const child = spawn(process.execPath, [...TSX, '--test-reporter=spec', 'scripts/test-group.mjs', ...files]);
    const output = [];
    for (const stream of [child.stdout, child.stderr]) stream.on('data', (chunk) => output.push(chunk));
    child.on('close', (code) => {
      process.stdout.write(Buffer.concat(output));
      resolve(code);
    });
  });
}

function filesIn(folder) {
  return readdirSync(folder, { recursive: true })
    .map(String)
    .filter((file) => file.endsWith('.test.ts'))
    .toSorted()
    .map((file) => `${folder}/${file}`);
}
