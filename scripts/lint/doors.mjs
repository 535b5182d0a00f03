import { existsSync } from 'node:fs';
import { dirname, relative, resolve } from 'node:path';

const ROOT = resolve(import.meta.dirname, '../..');

/** Finds the innermost folder of the application around a file that has a door; null where none has. */
function roomOf(file) {
  for (let folder = dirname(file); folder.startsWith('src/'); folder = dirname(folder)) {
    if (existsSync(resolve(ROOT, folder, 'index.ts'))) return folder;
  }
  return null;
}

/**
 * Checks that a room of the application is entered by its door, `index.ts`, which names all that others may use of it. A lazy part alone is
 * loaded by its own file, so that it brings no more along than it needs.
 */
export const doors = {
  meta: { type: 'problem', schema: [] },
  create(context) {
    const file = relative(ROOT, context.filename);
    const check = (node) => {
      const source = node.source?.value;
      if (typeof source !== 'string' || !source.startsWith('.')) return;
      const there = relative(ROOT, resolve(ROOT, dirname(file), source));
      const room = roomOf(there);
      if (room === null || room === roomOf(file) || there === `${room}/index.ts`) return;
      context.report({ node, message: `Reach ${room} by its door, ${room}/index.ts, and name there what is missing.` });
    };
    return { ImportDeclaration: check, ExportNamedDeclaration: check };
  },
};
