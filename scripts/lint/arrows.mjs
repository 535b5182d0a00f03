import { dirname, relative, resolve } from 'node:path';
import { CORE_ROOMS } from '../../layers.mjs';

const ROOT = resolve(import.meta.dirname, '../..');

/** The longest name first, so that a room in a room is found before the one around it. */
const BY_LENGTH = CORE_ROOMS.toSorted((one, other) => other.length - one.length);

/** The libraries that one room has to itself. */
const LIBRARIES = { spacing: 'ts-fsrs', 'listening/voices': 'fft.js', 'listening/reading': 'pitchy' };

function roomOf(path) {
  return BY_LENGTH.find((room) => path.startsWith(`core/${room}/`)) ?? null;
}

/**
 * Checks the arrows in the core, which run downward, for types too: a room uses the rooms listed before it, by their doors, and itself by
 * its files. Beside its rooms the core uses TypeBox, and three rooms a library of their own.
 */
export const arrows = {
  meta: { type: 'problem', schema: [] },
  create(context) {
    const file = relative(ROOT, context.filename);
    const room = roomOf(file);
    const check = (node) => {
      const source = node.source?.value;
      if (typeof source !== 'string' || source === '@sinclair/typebox') return;
      const message = room === null ? 'This file stands in no room: list its folder in layers.mjs.' : whyNot(room, file, source);
      if (message !== null) context.report({ node, message });
    };
    return { ImportDeclaration: check, ExportNamedDeclaration: check, ImportExpression: check };
  },
};

function whyNot(room, file, source) {
  if (source.startsWith('#core/')) {
    const used = source.slice('#core/'.length);
    if (!CORE_ROOMS.includes(used)) return `There is no room ${used}.`;
    if (CORE_ROOMS.indexOf(used) >= CORE_ROOMS.indexOf(room)) return `core/${room} stands below core/${used} and may not use it.`;
    return null;
  }
  if (LIBRARIES[room] === source) return null;
  if (!source.startsWith('.')) return 'The core depends on nothing but TypeBox.';
  const there = relative(ROOT, resolve(ROOT, dirname(file), source));
  return roomOf(there) === room ? null : 'Reach another room of the core by its door: #core/….';
}
