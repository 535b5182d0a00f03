/**
 * Measures the shape of the code against the house style: `npm run shape`, `-- --root DIR` for another tree, `-- --list`
 * to name what misses an aim. The limits of core and src are held by `tests/scripts/shape.test.ts`.
 */
import { resolve } from 'node:path';
import { measureTree } from './shape/measures.ts';

const root = resolve(process.argv.includes('--root') ? (process.argv[process.argv.indexOf('--root') + 1] ?? '.') : '.');
const list = process.argv.includes('--list');

for (const { part, files, lines, measures } of await measureTree(root)) {
  console.log(`\n${part}: ${files} files, ${lines} lines`);
  for (const { what, aim, found, isMet, missing } of measures) {
    console.log(`  ${isMet ? ' ' : '!'} ${what.padEnd(48)} ${found.padEnd(20)} ${aim}`);
    if (list) for (const place of missing.slice(0, 60)) console.log(`      ${place}`);
  }
}
