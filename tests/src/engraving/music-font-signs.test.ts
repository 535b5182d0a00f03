import assert from 'node:assert/strict';
import { readFileSync } from 'node:fs';
import { createRequire } from 'node:module';
import { before, describe, it } from 'node:test';
import opentype from 'opentype.js';
import wawoff2 from 'wawoff2';
import { KEYS_OFFERED } from '#core/brief/edits';
import { INSTRUMENT_KINDS, type InstrumentKind } from '#core/instrument';
import { readMaterial } from '#core/brief/parts/materials';
import { ARTICULATIONS } from '#core/material/line';
import type { LineNoteDocument } from '#core/material/typed';
import { engravingOf } from '#core/notation';
import { METERS, type MeterName } from '#core/rhythm';
import { drawnSigns, FONTS_FOLDER, makeMusicFonts, signsOfText } from '../../../scripts/fonts/music-fonts.mjs';
import { drawMeasures } from '../../../src/engraving/staff-drawing.ts';
import { layoutStaff } from '../../../src/engraving/layout.ts';
import { textsDrawn } from '../../support/texts-drawn.ts';

/** The notes, one of each instrument, that may be altered either way twice, and lie in first position. */
const ALTERED: Readonly<Record<InstrumentKind, string>> = { violin: 'B4', viola: 'B3', cello: 'B2', bass: 'B1' };
const HIGH: Readonly<Record<InstrumentKind, string>> = { violin: 'B6', viola: 'E6', cello: 'D5', bass: 'D4' };

const LENGTHS = ['1/64', '1/32', '1/16', '1/8', '1/4', '1/2', '1/1', '3/64', '3/32', '3/16', '3/8', '3/4', '7/16', '1/12'];

/**
 * Draws every length as notes and rests, every alteration, every sign at a note, and a note so high that it stands under an octave line.
 */
function everything(kind: InstrumentKind): LineNoteDocument[] {
  const [letter = '', octave = ''] = [...ALTERED[kind]];
  const altered = ['', 'b', 'bb', '#', '##', ''].map((sign) => ({ pitches: [`${letter}${sign}${octave}`], duration: '1/4' }));
  // The note after a measure of another alteration has its sign as a courtesy.
  const before = Array.from({ length: 4 }, () => ({ pitches: [`${letter}b${octave}`], duration: '1/4' }));
  const lengths = LENGTHS.flatMap((duration): LineNoteDocument[] => [
    ...Array.from({ length: 6 }, () => ({ pitches: [ALTERED[kind]], duration })),
    { rest: true, duration },
  ]);
  const at = ARTICULATIONS.map((articulation) => ({ pitches: [ALTERED[kind]], duration: '1/4', articulation, accent: true as const }));
  const grace = { pitches: [ALTERED[kind]], duration: '1/8', grace: true as const };
  const plain = { pitches: [ALTERED[kind]], duration: '1/4' };
  return [...before, ...altered, grace, plain, grace, grace, plain, ...lengths, ...at, { pitches: [HIGH[kind]], duration: '1/4' }];
}

function note(kind: InstrumentKind): LineNoteDocument[] {
  return [{ pitches: [ALTERED[kind]], duration: '1/4' }];
}

function signsOn(kind: InstrumentKind, notes: LineNoteDocument[], key = 'C major', meter: MeterName = '4/4'): readonly string[] {
  const line = readMaterial({ kind: 'line', key, notes }, { meter });
  if (!line.ok) throw new Error(line.issues[0]?.message ?? '');
  const engraving = engravingOf(kind, line.value);
  const { measures } = engraving;
  const layout = layoutStaff(engraving, measures, { available: 0, first: true });
  return textsDrawn((into) => drawMeasures(into, { engraving, measures, layout, first: true }, { from: 0, to: measures.length }));
}

/** Lists the code points of the private area, where the signs of a music font stand. */
function signsIn(texts: readonly string[]): ReadonlySet<number> {
  return new Set(texts.flatMap((text) => [...text].map((sign) => sign.codePointAt(0) ?? 0)).filter((code) => code >= 0xe000));
}

interface MusicFont {
  readonly name: string;
  readonly has: (code: number) => boolean;
}

async function readFont(file: string): Promise<MusicFont> {
  return musicFont(await wawoff2.decompress(readFileSync(`${FONTS_FOLDER}${file}.woff2`)));
}

function wholeFont(path: string): MusicFont {
  return musicFont(readFileSync(createRequire(import.meta.url).resolve(path)));
}

function musicFont(bytes: Uint8Array): MusicFont {
  const font = opentype.parse(new Uint8Array(bytes).buffer);
  return { name: font.names.windows.fontFamily.en, has: (code) => font.charToGlyphIndex(String.fromCodePoint(code)) !== 0 };
}

describe('the music fonts that are shipped', () => {
  before(makeMusicFonts);

  it('have every sign that the engraver sets: of each instrument, key and meter, of every length, alteration and mark', async () => {
    const { has } = await readFont('dove-music');
    const drawn = signsIn([
      ...INSTRUMENT_KINDS.flatMap((kind) => signsOn(kind, everything(kind))),
      ...INSTRUMENT_KINDS.flatMap((kind) => KEYS_OFFERED.flatMap((key) => signsOn(kind, note(kind), key))),
      ...METERS.flatMap((meter) => signsOn('violin', note('violin'), 'C major', meter)),
    ]);
    assert.ok(drawn.size > 30, `only ${drawn.size} signs were drawn`);
    const missing = [...drawn].filter((code) => !has(code)).map((code) => code.toString(16));
    assert.deepEqual(missing, []);
  });

  it('have every sign that the code of the application or of the engraver names', async () => {
    const { has } = await readFont('dove-music');
    const whole = wholeFont('@vexflow-fonts/bravura/bravura.otf');
    const missing = drawnSigns().filter((code) => whole.has(code) && !has(code));
    assert.deepEqual(missing, []);
  });

  it('have every musical symbol that a text may hold, typed or brought in, that the whole font has', async () => {
    const whole = wholeFont('@vexflow-fonts/bravuratext/bravuratext.otf');
    const fonts = [await readFont('dove-music-text'), await readFont('dove-music-symbols')];
    const known = signsOfText().filter(whole.has);
    assert.ok(known.length > 200, `the whole font has only ${known.length}`);
    const missing = known.filter((code) => !fonts.some(({ has }) => has(code)));
    assert.deepEqual(missing, []);
  });

  it('do not have the name that is reserved for the whole font', async () => {
    for (const file of ['dove-music', 'dove-music-text', 'dove-music-symbols']) assert.match((await readFont(file)).name, /^Dove Music/);
  });
});
