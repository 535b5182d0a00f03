/**
 * Loads test files into one process, for Node's own runner: their common imports are loaded and compiled once. Counts the assertions and
 * the runs of properties, and leaves the counts in a folder where one is named.
 */
import assert from 'node:assert/strict';
import { writeFileSync } from 'node:fs';
import { join, resolve } from 'node:path';
import { pathToFileURL } from 'node:url';
import fc from 'fast-check';

let [assertions, runs] = [0, 0];

for (const [name, check] of Object.entries(assert)) {
  if (typeof check !== 'function' || /^[A-Z]|^strict$/.test(name)) continue;
  assert[name] = (...args) => {
    assertions += 1;
    return check(...args);
  };
}
fc.configureGlobal({ beforeEach: () => void (runs += 1) });

const folder = process.env['DOVE_PATH_COUNTS'];
if (folder !== undefined) {
  process.on('exit', () => writeFileSync(join(folder, `${process.pid}.json`), JSON.stringify({ assertions, runs })));
}

for (const file of process.argv.slice(2)) await import(pathToFileURL(resolve(file)).href);
