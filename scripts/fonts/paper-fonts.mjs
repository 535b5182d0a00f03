/**
 * Makes what pages on paper need of the fonts: each face of type as one file, for the PDF writer, which embeds only fonts with outlines of this
 * kind, and for the screen;
 * the measures of the faces, by which lines and pages are broken alike on every device; and the outlines of the music font. The faces join
 * the letters that fonts for screens keep in several files with the accidentals of the music font for text. Their names inside the files are
 * changed, because the licences reserve the names for the unmodified fonts. It is part of every build; the results are not kept in the
 * repository.
 */
import { mkdirSync, readFileSync, writeFileSync } from 'node:fs';
import { createRequire } from 'node:module';
import { join } from 'node:path';
import { fileURLToPath } from 'node:url';
import { createFont } from 'fonteditor-core';
import opentype from 'opentype.js';
import wawoff2 from 'wawoff2';
import { drawnSigns, signsOfText } from './music-fonts.mjs';

const require = createRequire(import.meta.url);

/** The folder of what is made. */
export const FACES_FOLDER = fileURLToPath(new URL('../../src/printing/faces/made/', import.meta.url));

const MUSIC = '@vexflow-fonts/bravura/bravura.otf';
const MUSIC_TEXT = '@vexflow-fonts/bravuratext/bravuratext.otf';

/** The faces: the name in the application, and the package's files, the commonest letters first. */
const FACES = [
  { face: 'serif', family: 'Dove Paper Serif', style: 'Regular', files: ofSubsets('literata', '400-normal') },
  { face: 'serif-bold', family: 'Dove Paper Serif', style: 'Bold', files: ofSubsets('literata', '600-normal') },
  { face: 'serif-italic', family: 'Dove Paper Serif', style: 'Italic', files: ofSubsets('literata', '400-italic') },
  { face: 'sans', family: 'Dove Paper Sans', style: 'Regular', files: ofSubsets('source-sans-3', '400-normal') },
];

function ofSubsets(font, variant) {
  return ['latin', 'latin-ext'].map((subset) => `@fontsource/${font}/files/${font}-${subset}-${variant}.woff2`);
}

/** Makes all of it. */
export async function makePaperFonts() {
  mkdirSync(FACES_FOLDER, { recursive: true });
  const measures = {};
  const notes = signGlyphs();
  for (const { face, family, style, files } of FACES) {
    const font = await joinedFont(files, notes);
    Object.assign(font.get().name, {
      fontFamily: family,
      fontSubFamily: style,
      fullName: `${family} ${style}`,
      postScriptName: postScriptName(family, style),
    });
    const bytes = font.write({ type: 'ttf', hinting: false, toBuffer: true });
    writeFileSync(join(FACES_FOLDER, `${face}.ttf`), bytes);
    writeFileSync(join(FACES_FOLDER, `${face}.woff2`), await wawoff2.compress(bytes));
    measures[face] = measuresOf(font.get());
  }
  writeFileSync(join(FACES_FOLDER, 'measures.js'), `export const FACE_MEASURES = ${JSON.stringify(measures)};\n`);
  writeFileSync(join(FACES_FOLDER, 'music-outlines.js'), `export const MUSIC_OUTLINES = ${JSON.stringify(musicOutlines())};\n`);
}

function postScriptName(family, style) {
  return `${family.replaceAll(' ', '')}-${style}`;
}

/** Reads the accidentals and notes that stand in text, with outlines of the kind that the faces have. */
function signGlyphs() {
  const source = createFont(readFileSync(require.resolve(MUSIC_TEXT)), { type: 'otf', subset: signsOfText() });
  const { glyf, head } = source.get();
  return { unitsPerEm: head.unitsPerEm, glyf: glyf.filter(({ unicode = [] }) => unicode.length > 0) };
}

/** Joins the files of a face and the signs of music; of a character that several have, the first counts. */
async function joinedFont(files, signs) {
  const parts = [];
  for (const file of files) {
    const bytes = await wawoff2.decompress(readFileSync(require.resolve(file)));
    parts.push(createFont(Buffer.from(bytes), { type: 'ttf', compound2simple: true, hinting: false }));
  }
  const [font, ...others] = parts;
  const whole = font.get();
  const further = others.flatMap((other) => other.get().glyf.map((glyph) => ({ glyph, scale: 1 })));
  const scale = whole.head.unitsPerEm / signs.unitsPerEm;
  for (const added of [...further, ...signs.glyf.map((glyph) => ({ glyph, scale }))]) add(whole, added);
  return font;
}

function add(whole, { glyph, scale }) {
  const known = new Set(whole.glyf.flatMap(({ unicode = [] }) => unicode));
  const unicode = (glyph.unicode ?? []).filter((code) => !known.has(code));
  if (unicode.length === 0) return;
  const at = (value) => Math.round(value * scale);
  const contours = (glyph.contours ?? []).map((contour) => contour.map((point) => ({ ...point, x: at(point.x), y: at(point.y) })));
  whole.glyf.push({
    ...glyph,
    unicode,
    contours,
    advanceWidth: at(glyph.advanceWidth),
    leftSideBearing: at(glyph.leftSideBearing ?? 0),
    ...Object.fromEntries(['xMin', 'xMax', 'yMin', 'yMax'].map((side) => [side, at(glyph[side] ?? 0)])),
  });
}

/** Lists the widths of the characters of a face in thousandths of its size. */
function measuresOf({ glyf, head }) {
  const thousandths = ({ advanceWidth }) => Math.round((advanceWidth * 1000) / head.unitsPerEm);
  const widths = {};
  for (const glyph of glyf) for (const code of glyph.unicode ?? []) widths[code] ??= thousandths(glyph);
  return { widths, unknown: thousandths(glyf[0]) };
}

/** Writes the outline of every sign of music that can be drawn, in thousandths of the font's size, with its width and its edges. */
function musicOutlines() {
  const { buffer, byteOffset, byteLength } = readFileSync(require.resolve(MUSIC));
  const font = opentype.parse(buffer.slice(byteOffset, byteOffset + byteLength));
  return Object.fromEntries(
    drawnSigns().flatMap((code) => {
      const glyph = font.charToGlyph(String.fromCodePoint(code));
      if (glyph.index === 0) return [];
      const box = glyph.getBoundingBox();
      const thousandths = (value) => Math.round((value * 1000) / font.unitsPerEm);
      const [left, right, top, bottom] = [box.x1, box.x2, box.y2, box.y1].map(thousandths);
      const d = glyph.getPath(0, 0, 1000).toPathData(1);
      return [[code, { d, width: thousandths(glyph.advanceWidth ?? 0), left, right, top, bottom }]];
    }),
  );
}
