import { readdirSync, readFileSync } from 'node:fs';
import { dirname, join } from 'node:path';
import { fileURLToPath } from 'node:url';

/** The modules of the engraver that are replaced by empty ones: they set or work out things that this staff never has. */
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

/** The folder of the engraver's modules in its package. */
const FOLDER = join(dirname(fileURLToPath(import.meta.resolve('vexflow/core'))), '../src');

/** The pattern of the line in the engraver's table that gives a sign its name. */
const NAMED_SIGN = /^\s*Glyphs\["(\w+)"\] = "\\u([0-9A-Fa-f]{4})";\n/gm;

/**
 * The signs that the engraver counts up to and never names, first and last: the figures of a meter and of a tuplet, by their digit; a flag
 * that points down stands one after the flag that points up.
 */
const COUNTED_SIGNS = [
  [0xe080, 0xe089],
  [0xe880, 0xe889],
];
const FLAG_UP = /^flag\w+Up$/;

/** Tells whether the application never sets what this module of the engraver is for. */
export function isNeverSet(file) {
  return NEVER_SET.some((name) => file.endsWith(`/${name}.js`));
}

/**
 * Removes from a module the tables of articulations and ornaments, the measurements of what is never drawn, and the methods that are never
 * called.
 */
export function withoutUnusedTables(code) {
  return code
    .replace(/^const (articulations|ornaments) = \{\n[\s\S]*?^\};$/gm, 'const $1 = {};')
    .replace(UNUSED_METRICS, '')
    .replace(UNUSED_METHODS, '');
}

/** The methods that set a staff in one call, which are unused: measures are set here one by one. */
const UNUSED_METHODS =
  /^ {4}static (?:plotDebugging|FormatAndDraw|FormatAndDrawTab|SimpleFormat|applyAccidentals|getDefaultBeamGroups|applyAndGetBeams)\(.*\{\n[\s\S]*?^ {4}\}\n/gm;

const UNUSED_METRICS =
  /^ {4}(?:Annotation|Bend|ChordSymbol|FretHandFinger|PedalMarking|Repetition|Stave(?:Connector|Section|Tempo|Text)|StringNumber|Stroke|Tab\w+|Text\w+|Tremolo|Tuplet|Volta): \{\n[\s\S]*?^ {4}\},\n/gm;

/** Removes from the table of signs those whose name is no word of the engraver's code that stays. */
export function withoutUnusedSigns(code) {
  const used = new Set(usedSources().flatMap((source) => source.match(/\w+/g) ?? []));
  return code.replace(NAMED_SIGN, (line, name) => (used.has(name) ? line : ''));
}

/** Lists every code point that the engraver can draw here: those it names, spells out in its code, or counts up to. */
export function engraverSigns() {
  const named = [...withoutUnusedSigns(readFileSync(join(FOLDER, 'glyphs.js'), 'utf8')).matchAll(NAMED_SIGN)].flatMap(([, name, code]) => {
    const sign = Number.parseInt(code, 16);
    return FLAG_UP.test(name) ? [sign, sign + 1] : [sign];
  });
  const spelled = usedSources()
    .flatMap((source) => source.match(/\\u[Ee][0-9A-Fa-f]{3}/g) ?? [])
    .map((escape) => Number.parseInt(escape.slice(2), 16));
  const counted = COUNTED_SIGNS.flatMap(([first, last]) => Array.from({ length: last - first + 1 }, (_, index) => first + index));
  return [...new Set([...named, ...spelled, ...counted])].toSorted((one, other) => one - other);
}

/** Reads the code of the engraver that stays, module by module, without the table of signs. */
function usedSources() {
  return readdirSync(FOLDER)
    .filter((name) => name.endsWith('.js') && name !== 'glyphs.js' && !isNeverSet(`/${name}`))
    .map((name) => withoutUnusedTables(readFileSync(join(FOLDER, name), 'utf8')));
}
