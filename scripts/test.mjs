/**
 * Every check of the project, on a machine that may have nothing but Node: packages, Debian's Chromium, formatter,
 * linter with its layer rules, type check, core tests, build, browser tests, a few edits with disasters after them.
 */
import { ensureChromium, ensurePackages, printTimes, run, runTogether } from './machine.mjs';

ensurePackages();
const chromium = ensureChromium();
if (chromium === null) {
  console.error('The browser tests need Chromium: install it (Debian: apt-get install chromium) or name it in CHROMIUM.');
  process.exit(1);
}
run('npm', ['run', '--silent', 'build']);
await runTogether(['lint', 'check', 'test:core']);
run('npm', ['run', '--silent', 'test:browser'], { CHROMIUM: chromium });
// One trial of every kind of disaster that may strike after an edit.
run('npm', ['run', '--silent', 'endure', '--', '--trials', '9'], { CHROMIUM: chromium });
printTimes();
