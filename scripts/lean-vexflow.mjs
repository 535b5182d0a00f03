import { readdirSync, readFileSync } from 'node:fs';
import { dirname, join } from 'node:path';

/** What the engraver can set at a note or staff, or work out, and this staff never asks of it: these modules are replaced by empty ones. */
const NEVER_SET = [
  'annotation',
  'articulation',
  'bend',
  'canvascontext',
  'chordsymbol',
  'frethandfinger',
  'music',
  'ornament',
  'parenthesis',
  'staveconnector',
  'staverepetition',
  'stavesection',
  'stavetempo',
  'stavetext',
  'stavevolta',
  'stringnumber',
  'strokes',
  'tabtie',
  'textnote',
  'vibrato',
];

/**
 * The engraver's package is one entry that brings everything, so the bench would load text fonts, tablature and three
 * thousand names of signs to draw a staff. Its modules do nothing when nothing of them is used, so unused ones may go, and those
 * that are only asked whether there is something of theirs to set are emptied; of the table of signs those stay whose name is a
 * word of its own code.
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
  if (id.endsWith('/src/glyphs.js')) return withoutUnusedSigns(code, dirname(id));
  return isNeverSet(id) ? emptied(code) : withFlatCopies(withoutUnusedTables(code));
}

function isNeverSet(file) {
  return NEVER_SET.some((name) => file.endsWith(`/${name}.js`));
}

/** Without what articulations and ornaments look like, the measures of what is never drawn, and what is never called. */
function withoutUnusedTables(code) {
  return code
    .replace(/^const (articulations|ornaments) = \{\n[\s\S]*?^\};$/gm, 'const $1 = {};')
    .replace(UNUSED_METRICS, '')
    .replace(UNUSED_METHODS, '');
}

/** Ways to set a staff in one call: measures are set here one by one. */
const UNUSED_METHODS =
  /^ {4}static (?:plotDebugging|FormatAndDraw|FormatAndDrawTab|SimpleFormat|applyAccidentals|getDefaultBeamGroups|applyAndGetBeams)\(.*\{\n[\s\S]*?^ {4}\}\n/gm;

const UNUSED_METRICS =
  /^ {4}(?:Annotation|Bend|ChordSymbol|FretHandFinger|PedalMarking|Repetition|Stave(?:Connector|Section|Tempo|Text)|StringNumber|Stroke|Tab\w+|Text\w+|Tremolo|Tuplet|Volta): \{\n[\s\S]*?^ {4}\},\n/gm;

/** Every name a module exports, as something of which there is never one. */
function emptied(code) {
  const names = [...code.matchAll(/^export (?:class|var|function|const) (\w+)/gm)].map(([, name]) => name);
  return names
    .map((name) => `export class ${name} { static get CATEGORY() { return '${name}'; } static format() { return false; } }`)
    .join('\n');
}

function withoutUnusedSigns(code, folder) {
  const sources = readdirSync(folder)
    .map((name) => join(folder, name))
    .filter((file) => file.endsWith('.js') && !file.endsWith('/glyphs.js') && !isNeverSet(file));
  const used = new Set(sources.flatMap((file) => withoutUnusedTables(readFileSync(file, 'utf8')).match(/\w+/g) ?? []));
  return code.replace(/^\s*Glyphs\["(\w+)"\] = .*$/gm, (line, name) => (used.has(name) ? line : ''));
}

/** Fonts, styles and states of the drawing are flat objects, copied for every sign: spreading is many times quicker than structured cloning. */
function withFlatCopies(code) {
  return code.replace(/structuredClone\(([\w.]+)\)/g, '({ ...$1 })');
}
