import assert from 'node:assert/strict';
import { existsSync, readdirSync, readFileSync } from 'node:fs';
import { dirname, join } from 'node:path';
import { describe, it } from 'node:test';

/** The pages that people read: the one a newcomer opens first, and the folder of texts. */
const PAGES = ['README.md', ...readdirSync('docs').flatMap((name) => (name.endsWith('.md') ? [`docs/${name}`] : []))];

const { scripts, engines } = JSON.parse(readFileSync('package.json', 'utf8'));

/** Lists the places to which a text leads: its links and pictures, and the paths it names. */
function pathsIn(page: string): readonly string[] {
  const text = readFileSync(page, 'utf8');
  const links = [...text.matchAll(/\]\(([^)#]+)[^)]*\)/g)].map(([, target = '']) => join(dirname(page), target));
  const named = [...text.matchAll(/`((?:core|src|tests|scripts|docs)\/[\w/.-]*)`/g)].map(([, path = '']) => path);
  return [...links.filter((target) => !/^https?:/.test(target)), ...named];
}

/** Lists the scripts that a text tells to run. */
function scriptsIn(page: string): readonly string[] {
  const text = readFileSync(page, 'utf8');
  return [...text.matchAll(/\bnpm (?:run )?([a-z][\w:-]*)/g)].map(([, script = '']) => script);
}

/** Tells whether a path is there: texts about the core name its files without the folder. */
function isThere(path: string): boolean {
  return existsSync(path) || readdirSync(dirname(path)).some((name) => name.startsWith(`${path.split('/').at(-1)}.`));
}

describe('what is written for newcomers', () => {
  for (const page of PAGES) {
    it(`leads only to what is there (${page})`, () => {
      assert.deepEqual(
        pathsIn(page).filter((path) => !isThere(path)),
        [],
      );
    });

    it(`tells to run only what can be run (${page})`, () => {
      assert.deepEqual(
        scriptsIn(page).filter((script) => !(script in scripts)),
        [],
      );
    });
  }

  it('has a picture or a command within ninety words', () => {
    const [before = ''] = readFileSync('README.md', 'utf8').split(/!\[|```/);
    assert.ok(before.split(/\s+/).length <= 90, before);
  });

  it('shows every picture that is kept, and keeps every picture that it shows', () => {
    const text = readFileSync('README.md', 'utf8');
    assert.deepEqual(
      readdirSync('docs/screenshots').filter((name) => !text.includes(`docs/screenshots/${name}`)),
      [],
    );
  });

  it('names the Node that the packages ask for', () => {
    const [, named = ''] = /Node (\d+)/.exec(readFileSync('README.md', 'utf8')) ?? [];
    assert.equal(engines.node, `>=${named}`);
  });
});
