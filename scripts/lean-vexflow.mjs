import { readdirSync, readFileSync } from 'node:fs';
import { dirname, join } from 'node:path';

/**
 * The engraver's package is one entry that brings everything, so the bench would load text fonts, tablature and three
 * thousand names of signs to draw a staff. Its modules do nothing when nothing of them is used, so unused ones may go; and of the
 * table of signs those stay whose name is a word of its own code.
 */
export function leanVexflow() {
  return {
    name: 'lean-vexflow',
    enforce: 'pre',
    transform(code, id) {
      if (!/vexflow\/build\/esm\//.test(id)) return null;
      const lean = id.endsWith('/src/glyphs.js') ? withoutUnusedSigns(code, dirname(id)) : withFlatCopies(code);
      return { code: lean, map: null, moduleSideEffects: false };
    },
  };
}

function withoutUnusedSigns(code, folder) {
  const sources = readdirSync(folder).filter((name) => name.endsWith('.js') && name !== 'glyphs.js');
  const used = new Set(sources.flatMap((name) => readFileSync(join(folder, name), 'utf8').match(/\w+/g) ?? []));
  return code.replace(/^\s*Glyphs\["(\w+)"\] = .*$/gm, (line, name) => (used.has(name) ? line : ''));
}

/** Fonts, styles and states of the drawing are flat objects, copied for every sign: spreading is many times quicker than structured cloning. */
function withFlatCopies(code) {
  return code.replace(/structuredClone\(([\w.]+)\)/g, '({ ...$1 })');
}
