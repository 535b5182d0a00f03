import assert from 'node:assert/strict';
import { readdirSync, readFileSync } from 'node:fs';
import { it } from 'node:test';
import { CORE_ROOMS } from '../../layers.mjs';

const page = readFileSync('docs/architecture.md', 'utf8');

/** Lists the rooms that a table of the page names, in its order. */
function roomsNamed(part: 'core' | 'src'): readonly string[] {
  return [...page.matchAll(new RegExp(`^\\| \`${part}/(.*?)/\``, 'gm'))].map(([, room = '']) => room);
}

it('the page on the code names every room of the core, from the ground up', () => {
  const outermost = [...new Set(CORE_ROOMS.map((room) => room.split('/')[0] ?? ''))];
  assert.deepEqual(roomsNamed('core'), outermost);
});

it('the page on the code names every room of the application', () => {
  const folders = readdirSync('src', { withFileTypes: true }).flatMap((entry) => (entry.isDirectory() ? [entry.name] : []));
  assert.deepEqual(roomsNamed('src').toSorted(), folders.toSorted());
});
