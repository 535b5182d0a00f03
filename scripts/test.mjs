/**
 * Every check of the project, on a machine that may have nothing but Node: packages, Debian's Chromium, formatter,
 * linter with its layer rules, build, type check, core tests, browser tests, a few edits with disasters after them.
 */
import { ensureChromium, ensurePackages, printTimes, run, runInTurn } from './machine.mjs';

ensurePackages();
const chromium = ensureChromium();
if (chromium === null) {
  console.error('The browser tests need Chromium: install it (Debian: apt-get install chromium) or name it in CHROMIUM.');
  process.exit(1);
}
// The tests do not need compressed files; compression has a test of its own.
await runInTurn([['build', 'check'], ['lint']], { DOVE_PATH_UNCOMPRESSED: '1' });
run('npm', ['run', '--silent', 'test:core'], { DOVE_PATH_GENERATED: '1' });
run('npm', ['run', '--silent', 'test:browser'], { CHROMIUM: chromium });
// One trial of every kind of disaster that may strike after an edit.
run('npm', ['run', '--silent', 'endure', '--', '--trials', '9'], { CHROMIUM: chromium }, 'endure');
printTimes();
