import assert from 'node:assert/strict';
import { readdirSync, readFileSync } from 'node:fs';
import { it } from 'node:test';

/** The names that the framework prescribes, one in each file that answers requests. */
const OF_THE_FRAMEWORK = new Set(['ALL', 'GET', 'POST']);

/** Lists the files of the application that export a name, by the name. */
function exportersByName(): ReadonlyMap<string, readonly string[]> {
  const found = new Map<string, string[]>();
  const files = readdirSync('src', { recursive: true, encoding: 'utf8' }).filter((name) => /\.tsx?$/.test(name));
  for (const file of files) {
    const text = readFileSync(`src/${file}`, 'utf8');
    // A value and its type may share a name within a file.
    const names = new Set(
      [...text.matchAll(/^export (?:async )?(?:function|const|class|interface|type) (\w+)/gm)].map(([, name = '']) => name),
    );
    for (const name of names) found.set(name, [...(found.get(name) ?? []), file]);
  }
  return found;
}

it('no two things of the application go by one name', () => {
  const twice = [...exportersByName()].filter(([name, files]) => files.length > 1 && !OF_THE_FRAMEWORK.has(name));
  assert.deepEqual(Object.fromEntries(twice), {});
});
