import assert from 'node:assert/strict';
import { describe, it } from 'node:test';
import { parseKeybinding } from 'tinykeys';
import { COMMANDS } from '../../../src/islands/bench/tools/commands.ts';
import { COMMAND_GROUPS, KEY_LINES, titleOf } from '../../../src/islands/bench/tools/key-lines.ts';

describe('the table of commands', () => {
  it('gives no key to two commands', () => {
    const pressed = COMMANDS.flatMap(({ press = [] }) => press.map((keys) => keys.toLowerCase()));
    assert.equal(new Set(pressed).size, pressed.length);
  });

  it('spells its keys so that the binding of keys reads them', () => {
    for (const { press = [] } of COMMANDS) for (const keys of press) assert.equal(parseKeybinding(keys).length, 1, keys);
  });

  it('names no two commands alike, and puts each that is listed into a group', () => {
    const named = COMMANDS.flatMap(({ name }) => (name === undefined ? [] : [name]));
    assert.equal(new Set(named).size, named.length);
    for (const group of COMMAND_GROUPS)
      assert.ok(
        COMMANDS.some((command) => command.group === group),
        group,
      );
  });

  it('tells on the list of keys of every key there is', () => {
    const told = KEY_LINES.map(({ keys }) => keys).join(' ');
    for (const { key } of COMMANDS) {
      for (const part of key?.split(' ') ?? []) assert.ok(told.includes(part), `${key ?? ''}: ${part}`);
    }
  });

  it('gives buttons their titles', () => {
    assert.equal(titleOf('Undo'), 'Undo (Z)');
    assert.equal(titleOf('Delete the note', 'Delete it from the line'), 'Delete the note (Delete)');
    assert.equal(titleOf('Insert a rest after it'), 'Insert a rest after it');
  });
});
