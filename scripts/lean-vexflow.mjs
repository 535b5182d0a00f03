import { isNeverSet, withoutUnusedSigns, withoutUnusedTables } from './fonts/engraver-signs.mjs';

/**
 * Makes the engraver's package lighter. It is one entry that brings everything, so the bench would load text fonts, tablature and three
 * thousand names of signs to draw a staff. Its modules do nothing when nothing of them is used, so unused ones may go, and those that are
 * only asked whether there is something of theirs to set are emptied; of the table of signs those stay whose name is a word of its own
 * code.
 */
export function leanVexflow() {
  return {
    name: 'lean-vexflow',
    enforce: 'pre',
    transform(code, id) {
      if (!/vexflow\/build\/esm\//.test(id)) return null;
      return { code: leanCode(code, id), map: null, moduleSideEffects: false };
    },
  };
}

function leanCode(code, id) {
  if (id.endsWith('/src/glyphs.js')) return withoutUnusedSigns(code);
  return isNeverSet(id) ? emptied(code) : withFlatCopies(withoutUnusedTables(code));
}

/** Writes a module with every name of another as a class that never has an instance. */
function emptied(code) {
  const names = [...code.matchAll(/^export (?:class|var|function|const) (\w+)/gm)].map(([, name]) => name);
  return names
    .map((name) => `export class ${name} { static get CATEGORY() { return '${name}'; } static format() { return false; } }`)
    .join('\n');
}

/**
 * Replaces structured cloning by spreading, which is many times quicker: fonts, styles and states of the drawing are flat objects, copied
 * for every sign.
 */
function withFlatCopies(code) {
  return code.replace(/structuredClone\(([\w.]+)\)/g, '({ ...$1 })');
}
