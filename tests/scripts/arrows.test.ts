import assert from 'node:assert/strict';
import { resolve } from 'node:path';
import { describe, it } from 'node:test';
import { Linter } from 'eslint';
import { CORE_ROOMS } from '../../layers.mjs';
import { arrows } from '../../scripts/lint/arrows.mjs';
import { doors } from '../../scripts/lint/doors.mjs';

/** Gives what the linter says of an import in a file; empty where it may stand. */
function messageFor(file: string, source: string, code = `import { thing } from '${source}';`): string {
  const linter = new Linter({ cwd: resolve('.') });
  const rule = file.startsWith('core/') ? 'arrows' : 'doors';
  const plugins = { rooms: { rules: { arrows, doors } } };
  const config: Linter.Config[] = [{ files: ['**/*.ts'], plugins, rules: { [`rooms/${rule}`]: 'error' } }];
  return linter
    .verify(code, config, { filename: resolve(file) })
    .map(({ message }) => message)
    .join(' ');
}

describe('an arrow in the core', () => {
  it('may point to a room below, by its door', () => {
    assert.equal(messageFor('core/plan/plan.ts', '#core/brief'), '');
    assert.equal(messageFor('core/brief/parts/rules/purpose.ts', '#core/brief/parts/wishes'), '');
  });

  it('may not point upward, nor at its own door', () => {
    assert.match(messageFor('core/pitch/pitch.ts', '#core/plan'), /core\/pitch stands below core\/plan/);
    assert.match(messageFor('core/hand/types.ts', '#core/hand/reach'), /stands below/);
    assert.match(messageFor('core/plan/plan.ts', '#core/plan'), /may not use it/);
  });

  it('reaches its own files by their place, folders of the room included, and no others', () => {
    assert.equal(messageFor('core/plan/describe/shifts/guides.ts', '../types/shift.ts'), '');
    assert.match(messageFor('core/plan/plan.ts', '../brief/read/read-brief.ts'), /by its door/);
  });

  it('leads out of the core to TypeBox alone', () => {
    assert.equal(messageFor('core/pitch/pitch.ts', '@sinclair/typebox'), '');
    assert.match(messageFor('core/pitch/pitch.ts', 'react'), /nothing but TypeBox/);
    assert.match(messageFor('core/pitch/pitch.ts', '#core/nowhere'), /no room nowhere/);
  });

  it('begins in a room that is listed', () => {
    assert.match(messageFor('core/elsewhere/thing.ts', '#core/pitch'), /stands in no room/);
    assert.equal(new Set(CORE_ROOMS).size, CORE_ROOMS.length);
  });
});

describe('an arrow in the application', () => {
  it('goes to a room by its door, and inside the room by the file', () => {
    assert.equal(messageFor('src/state/school/corrections.ts', '../bench/index.ts'), '');
    assert.equal(messageFor('src/state/bench/saving.ts', './work.ts'), '');
    assert.match(messageFor('src/state/school/corrections.ts', '../bench/work.ts'), /Reach src\/state\/bench by its door/);
  });

  it('goes from a room to one inside it by its door, too', () => {
    assert.match(messageFor('src/files/csv.ts', './foreign/unpack.ts'), /Reach src\/files\/foreign by its door/);
    assert.equal(messageFor('src/files/foreign/read-score.ts', '../index.ts'), '');
  });

  it('goes to the file of a lazy part, which then brings nothing else along', () => {
    assert.equal(messageFor('src/state/reading/ready.ts', '', "void import('../of-demo/demo.ts');"), '');
  });
});
