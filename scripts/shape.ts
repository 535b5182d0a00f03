/**
 * Measures the shape of the code against the house style: `npm run shape`, `-- --root DIR` for another tree, `-- --list`
 * to name what misses an aim, `-- --draw 7` to print 200 comments of core and src drawn by that seed, to be judged one by one. The limits of core and src are held by `tests/scripts/shape.test.ts`.
 */
import { resolve } from 'node:path';
import { drawnComments } from './shape/english.ts';
import { measureTree } from './shape/measures.ts';
import { sourcesBelow } from './shape/sources.ts';

const root = resolve(process.argv.includes('--root') ? (process.argv[process.argv.indexOf('--root') + 1] ?? '.') : '.');
const list = process.argv.includes('--list');
const seed = process.argv.includes('--draw') ? Number(process.argv[process.argv.indexOf('--draw') + 1]) : null;

if (seed !== null) {
  for (const comment of drawnComments(sourcesBelow(root, ['core', 'src']), seed, 200)) console.log(comment);
  process.exit();
}

for (const { part, files, lines, measures } of await measureTree(root)) {
  console.log(`\n${part}: ${files} files, ${lines} lines`);
  for (const { what, aim, found, isMet, missing } of measures) {
    console.log(`  ${isMet ? ' ' : '!'} ${what.padEnd(48)} ${found.padEnd(20)} ${aim}`);
    if (list) for (const place of missing.slice(0, 60)) console.log(`      ${place}`);
  }
}
