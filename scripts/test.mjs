/**
 * Runs every check of the project, on a machine that may have nothing but Node: packages, Debian's Chromium, formatter, linter with its
 * layer rules, build, type check, core tests, browser tests, a few edits with disasters after them.
 */
import { ensureChromium, ensurePackages, printTimes, run, runInTurn } from './machine.mjs';

ensurePackages();
const chromium = ensureChromium();
if (chromium === null) {
  console.error('The browser tests need Chromium: install it (Debian: apt-get install chromium) or name it in CHROMIUM.');
  process.exit(1);
}
await runInTurn([
  // The tests do not need compressed files; compression has a test of its own.
  { scripts: ['build', 'test:browser'], env: { DOVE_PATH_UNCOMPRESSED: '1', CHROMIUM: chromium } },
  // Browser tests often wait for what a user would see. By the time the core tests begin, the build has compiled the checks of documents.
  { scripts: ['lint', 'check', 'test:core'], env: { DOVE_PATH_GENERATED: '1' }, yields: true },
]);
// One trial of every kind of disaster may strike after an edit.
run('npm', ['run', '--silent', 'endure', '--', '--trials', '9'], { CHROMIUM: chromium }, 'endure');
printTimes();
