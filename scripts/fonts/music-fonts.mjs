/**
 * Makes the music fonts that the application ships: of the package's fonts only the signs that can be drawn, which is a fortieth of their
 * bytes. It is part of every build; the results are not kept in the repository. The licence reserves the fonts' own name for the unmodified
 * fonts, so these have another one inside, and carry the licence with them.
 */
import { mkdirSync, readdirSync, readFileSync, writeFileSync } from 'node:fs';
import { createRequire } from 'node:module';
import { join } from 'node:path';
import { fileURLToPath } from 'node:url';
import opentype from 'opentype.js';
import wawoff2 from 'wawoff2';
import { engraverSigns } from './engraver-signs.mjs';

const require = createRequire(import.meta.url);

/** The folder of the fonts, from which the style sheet names them. */
export const FONTS_FOLDER = fileURLToPath(new URL('../../src/design/music-fonts/', import.meta.url));

/** The signs of music that any text may contain, typed or brought in with a score: notes and accidentals, and the musical symbols. */
const COMMON_IN_TEXT = [
  [0x2669, 0x266f],
  [0x1d12a, 0x1d12b],
  [0x1d15e, 0x1d15f],
];
const MUSICAL_SYMBOLS = [[0x1d100, 0x1d1ff]];

/** The patterns of signs of a music font in the code of this application: spelled out, or literal. */
const SPELLED = /\\u([Ee][0-9A-Fa-f]{3})/g;
const AS_THEY_ARE = /[\uE000-\uF8FF]/gu;

/** Lists the code points of the musical symbols that any text may contain. */
export function signsOfText() {
  return [...codesIn(COMMON_IN_TEXT), ...codesIn(MUSICAL_SYMBOLS)];
}

/** The fonts that are made: the source font of the package, the new name, and the code points. */
function musicFonts() {
  const rare = codesIn(MUSICAL_SYMBOLS).filter((code) => !codesIn(COMMON_IN_TEXT).includes(code));
  return [
    { file: 'dove-music', source: '@vexflow-fonts/bravura/bravura.otf', name: 'Dove Music', codes: drawnSigns() },
    {
      file: 'dove-music-text',
      source: '@vexflow-fonts/bravuratext/bravuratext.otf',
      name: 'Dove Music Text',
      codes: codesIn(COMMON_IN_TEXT),
    },
    { file: 'dove-music-symbols', source: '@vexflow-fonts/bravuratext/bravuratext.otf', name: 'Dove Music Text', codes: rare },
  ];
}

/** Lists every sign that the engraver or this application itself can draw in the music font. */
export function drawnSigns() {
  return [...new Set([...engraverSigns(), ...ownSigns()])].toSorted((one, other) => one - other);
}

/** Lists the signs named in the code of this application. */
function ownSigns() {
  return ['../../src/', '../../core/'].flatMap((folder) => {
    const root = fileURLToPath(new URL(folder, import.meta.url));
    return readdirSync(root, { recursive: true })
      .filter((name) => /\.(tsx?|astro|css)$/.test(name))
      .flatMap((name) => signsIn(readFileSync(join(root, name), 'utf8')));
  });
}

function signsIn(text) {
  const spelled = [...text.matchAll(SPELLED)].map(([, code]) => Number.parseInt(code, 16));
  return [...spelled, ...[...text.matchAll(AS_THEY_ARE)].map(([sign]) => sign.codePointAt(0))];
}

function codesIn(ranges) {
  return ranges.flatMap(([first, last]) => Array.from({ length: last - first + 1 }, (_, index) => first + index));
}

/** Makes a font with some signs of another, under a name of its own, as WOFF2. */
async function subset({ source, name, codes }) {
  const whole = opentype.parse(bufferOf(require.resolve(source)));
  const { unitsPerEm, ascender, descender } = whole;
  const glyphs = codes.map((code) => whole.charToGlyph(String.fromCodePoint(code))).filter(({ index }) => index !== 0);
  const font = new opentype.Font({
    familyName: name,
    styleName: 'Regular',
    copyright: whole.names.windows?.copyright?.en ?? whole.names.macintosh?.copyright?.en,
    unitsPerEm,
    ascender,
    descender,
    glyphs: [whole.glyphs.get(0), ...new Map(glyphs.map((glyph) => [glyph.index, glyph])).values()],
  });
  return await wawoff2.compress(new Uint8Array(font.toArrayBuffer()));
}

function bufferOf(path) {
  const { buffer, byteOffset, byteLength } = readFileSync(path);
  return buffer.slice(byteOffset, byteOffset + byteLength);
}

/** Makes the fonts. */
export async function makeMusicFonts() {
  mkdirSync(FONTS_FOLDER, { recursive: true });
  for (const font of musicFonts()) writeFileSync(join(FONTS_FOLDER, `${font.file}.woff2`), await subset(font));
}
