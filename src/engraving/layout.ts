import type { Articulation } from '#core/material/line';
import type { Signature } from '#core/material/signature';
import { type Clef, type Engraving, type Measure, type MeasureSymbol, stepsOnStaff } from '#core/notation';

/** The distance between two staff lines, px. */
export const STAFF_SPACE = 10;

/** The height of the five lines, px. */
export const STAFF_HEIGHT = 4 * STAFF_SPACE;

/** The places of everything on a staff, px. Measures are laid side by side; `offsets` has one more entry than measures. */
export interface StaffLayout {
  /** The left edge of each measure, and at last the right edge of the last. */
  readonly offsets: readonly number[];
  /** The room for clef, key and meter at the beginning of the first measure. */
  readonly headWidth: number;
  /** The y of the names of positions. */
  readonly positionRowY: number;
  /** The y of an octave line, if there is one. */
  readonly octaveRowY: number;
  /** The lowest y of a finger's number. */
  readonly fingerRowY: number;
  /** The y of the top line of the staff. */
  readonly staffTopY: number;
  /** The y of the numbers of strings. */
  readonly stringRowY: number;
  /** The y of the names of notes, of a chord that of the lowest, if they are asked for. */
  readonly nameRowY: number;
  /** The y of cues, if there are any. */
  readonly cueRowY: number;
  /** The y of tones and semitones, if they are asked for. */
  readonly stepRowY: number;
  /** The top of the lanes of the fingers, if they are asked for. */
  readonly fingerLanesY: number;
  /** The top of the lane of the bow, at the tip, if it is asked for. */
  readonly bowLaneY: number;
  /** The height of the whole staff with everything above and below it. */
  readonly height: number;
}

/** The widths of notes by value: long enough for a bead under each head. */
const SYMBOL_WIDTH: Readonly<Record<number, number>> = { 1: 60, 2: 44, 4: 34, 8: 28, 16: 25, 32: 24, 64: 24 };

/** The least width of a double stop, and what each further note of a chord adds: its fingers stand side by side over it. */
const DOUBLE_STOP_WIDTH = 41;
const FURTHER_WIDTH = 13;

/** The room for a grace note and the bead under it. */
const SMALL_WIDTH = 18;

const MEASURE_PADDING = 26;

/** The room for a clef that changes within a measure, or at its end. */
const CLEF_WIDTH = 26;

/** The room for each accidental of a signature, for a meter, and round both where they change within a line. */
const ACCIDENTAL_WIDTH = 10;
const METER_WIDTH = 28;
const AROUND_SIGNATURE = 14;

/** The height of the rows of bow signs and of cues, where there are any. */
const BOW_ROW = 14;
const CUE_ROW = 16;

/** The height of a row of names, where they are asked for. */
export const NAME_ROW = 17;

/** The height of the row of ornaments, where there are any. */
export const ORNAMENT_ROW = 15;

/** The height of the row of the numbers of tuplets below the notes, where there are any. */
const TUPLET_ROW = 16;

/** The height of the row of accents, where there are any. */
export const ACCENT_ROW = 12;

/** The reach of each articulation outward from its place at the head, px. */
export const ARTICULATION_REACH: Readonly<Record<Articulation, number>> = {
  staccato: 3,
  staccatissimo: 5,
  tenuto: 3,
  'detached-legato': 8,
};

/** The distance of a sign at a head from it, px. */
const FROM_HEAD = 9;

/** Gives the additional distance of a slur from a head with a dot or line, and of a number above it, px. */
export function roomForArticulation(articulation: Articulation | null): number {
  return articulation === null ? 0 : FROM_HEAD + ARTICULATION_REACH[articulation];
}

/** The distance that a sign below a note is lowered where a slur begins there, px. */
export const BELOW_SLUR = 10;

/** The height of the row of octave lines. */
const OCTAVE_ROW = 18;

/** The height of the row of tones and semitones. */
const STEP_ROW = 26;

/** The height of the lane of one finger. */
export const FINGER_LANE = 9;

/** The height from frog to tip in the lane of the bow, and the room round it. */
export const BOW_LANE = 26;
const AROUND_BOW = 12;

/**
 * The limits of the scale with which a line is made to fit the width: drawn together so that all of it is in view, or drawn apart to fill
 * it. A line too long for that has a scale of its own.
 */
const CLOSEST = 0.7;
const WIDEST = 1.6;
const TOO_LONG_TO_FIT = 0.92;

/** The signs that need room of their own: bow signs and ornaments over the fingers; cues, steps and lanes below the strings. */
export interface WrittenRows {
  readonly bows: boolean;
  readonly ornaments: boolean;
  readonly cues: boolean;
  /** The number of names under each other at a note: one, or one for each note of a chord; 0 where nobody asked for them. */
  readonly names?: number;
  /** Whether tones and semitones are shown. */
  readonly steps?: boolean;
  /** The number of fingers that have a lane of their own; 0 where nobody asked for them. */
  readonly lanes?: number;
  /** Whether the place of the bow is shown, from frog to tip. */
  readonly bow?: boolean;
}

const NOTHING_WRITTEN: WrittenRows = { bows: false, ornaments: false, cues: false };

/** The options for laying out a staff. */
export interface LayoutChoice {
  /** The width that a short line is stretched to fill, px; 0 for its natural width. */
  readonly available: number;
  /** Whether it is the first of the line, with its meter. */
  readonly first: boolean;
  readonly written?: WrittenRows;
}

/** Lays out an engraving as one staff, in its natural width or the one that is asked for. */
export function layoutStaff(engraving: Engraving, measures: readonly Measure[], { written, ...choice }: LayoutChoice): StaffLayout {
  const [layout] = layoutScore([{ engraving, measures, written }], choice);
  return layout ?? { offsets: [0], headWidth: 0, ...rows([], NOTHING_WRITTEN) };
}

/** One of the staffs of a score, with the rows it needs. */
export interface StaffOfScore {
  readonly engraving: Engraving;
  readonly measures: readonly Measure[];
  readonly written?: WrittenRows | undefined;
}

/** Lays out the same measures on several staffs: each measure is as wide as the fullest of them needs. */
export function layoutScore(
  staffs: readonly StaffOfScore[],
  { available, first }: Pick<LayoutChoice, 'available' | 'first'>,
): readonly StaffLayout[] {
  const heads = staffs.map(({ engraving, measures }) => headWidthOf(engraving, measures, first));
  const headWidth = Math.max(0, ...heads);
  const ofStaffs = staffs.map(({ engraving, measures }, order) => {
    const widths = naturalWidths(engraving, measures, heads[order] ?? 0);
    return [(widths[0] ?? 0) + headWidth - (heads[order] ?? 0), ...widths.slice(1)];
  });
  const natural = (staffs[0]?.measures ?? []).map((_, index) => Math.max(...ofStaffs.map((widths) => widths[index] ?? 0)));
  const offsets = offsetsOf(natural, headWidth, available);
  return staffs.map(({ measures, written = NOTHING_WRITTEN }) => ({ offsets, headWidth, ...rows(measures, written) }));
}

/** Gives the natural width of each measure of a staff, px: the first has clef, key and meter before it. */
function naturalWidths(engraving: Engraving, measures: readonly Measure[], headWidth: number): readonly number[] {
  return measures.map((measure, index) => {
    const before = index === 0 ? headWidth : signatureWidth(signatureBefore(engraving, measure));
    const after = index === measures.length - 1 ? signatureWidth(signatureAfter(engraving, measure)) : 0;
    return measureWidth(measure) + before + after + (clefAfter(engraving, measure) ? CLEF_WIDTH : 0);
  });
}

/** Gives the edges of the measures when they are drawn apart or together to fill a width, px. */
function offsetsOf(natural: readonly number[], headWidth: number, available: number): readonly number[] {
  const total = natural.reduce((sum, width) => sum + width, 0);
  const fits = (available - headWidth) / Math.max(1, total - headWidth);
  const stretch = fits < CLOSEST ? TOO_LONG_TO_FIT : Math.min(WIDEST, fits);
  let right = 0;
  const offsets = [0];
  for (const [index, width] of natural.entries()) {
    const fixed = index === 0 ? headWidth : 0;
    right += fixed + (width - fixed) * stretch;
    offsets.push(right);
  }
  return offsets;
}

function headWidthOf(engraving: Engraving, [measure]: readonly Measure[], first: boolean): number {
  const { key } = measure ?? engraving;
  const hasMeter = first || (measure !== undefined && signatureBefore(engraving, measure).meter !== null);
  return 44 + ACCIDENTAL_WIDTH * Math.abs(key.fifths) + (hasMeter ? METER_WIDTH : 0);
}

/** Gives both ends of the notes of a system, px. */
export function systemEnds({ headWidth, offsets }: StaffLayout): { readonly left: number; readonly right: number } {
  return { left: headWidth, right: (offsets[offsets.length - 1] ?? headWidth) - 4 };
}

/** The signs at a bar line where key or meter change; null for what goes on. */
export interface SignatureSet {
  /** The new key, with the accidentals that naturals cancel: those of the key before, where the new one has none. */
  readonly key: { readonly fifths: number; readonly cancels: number } | null;
  /** The new meter. */
  readonly meter: Signature['meter'] | null;
}

/** Finds the signature that changes with a measure. */
export function signatureBefore({ measures }: Engraving, measure: Measure): SignatureSet {
  return changeBetween(measures[measure.number - 2], measure);
}

/** Finds the signature that changes with the next measure: at the end of a system it is set there as well. */
export function signatureAfter({ measures }: Engraving, measure: Measure): SignatureSet {
  return changeBetween(measure, measures[measure.number]);
}

function changeBetween(before: Signature | undefined, now: Signature | undefined): SignatureSet {
  if (!before || !now) return { key: null, meter: null };
  const [from, { fifths }] = [before.key.fifths, now.key];
  return {
    key: from === fifths ? null : { fifths, cancels: fifths === 0 ? from : 0 },
    meter: before.meter === now.meter ? null : now.meter,
  };
}

/** Gives the width of the signs at a bar line, px; 0 for none. */
export function signatureWidth({ key, meter }: SignatureSet): number {
  if (!key && !meter) return 0;
  const accidentals = key ? Math.abs(key.fifths) + Math.abs(key.cancels) : 0;
  return AROUND_SIGNATURE + ACCIDENTAL_WIDTH * accidentals + (meter ? METER_WIDTH : 0);
}

function rows(measures: readonly Measure[], written: WrittenRows): Omit<StaffLayout, 'offsets' | 'headWidth'> {
  const symbols = measures.flatMap((measure) => measure.symbols);
  const fromMiddle = symbols.flatMap(({ reading, ...symbol }) =>
    symbol.kind === 'note' ? symbol.heads.map((head) => stepsOnStaff(reading, head.written) - reading.clef.middleSteps) : [],
  );
  const highest = fromMiddle.reduce((most, value) => Math.max(most, value), 0);
  const lowest = fromMiddle.reduce((least, value) => Math.min(least, value), 0);
  const above = Math.max(14, ((highest - 4) * STAFF_SPACE) / 2 + 8);
  const below = Math.max(16, ((-lowest - 4) * STAFF_SPACE) / 2 + 10);
  const slurred = symbols.some((symbol) => symbol.kind === 'note' && symbol.slur !== null);
  const articulated = Math.max(0, ...symbols.map((symbol) => (symbol.kind === 'note' ? roomForArticulation(symbol.articulation) : 0)));
  const octaveLine = symbols.some((symbol) => symbol.reading.octaveLine);
  const staffTopY =
    44 +
    above +
    (slurred ? 14 : 0) +
    articulated +
    (octaveLine ? OCTAVE_ROW : 0) +
    (written.bows ? BOW_ROW : 0) +
    (written.ornaments ? ORNAMENT_ROW : 0);
  const accents = symbols.some((symbol) => symbol.kind === 'note' && symbol.accent !== null);
  const tuplets = symbols.some(({ tuplet }) => tuplet !== null);
  const stringRowY =
    staffTopY +
    STAFF_HEIGHT +
    below +
    24 +
    (tuplets ? TUPLET_ROW : 0) +
    (accents ? ACCENT_ROW : 0) +
    (slurred && (tuplets || accents) ? BELOW_SLUR : 0);
  return {
    positionRowY: 14,
    octaveRowY: 14 + OCTAVE_ROW,
    fingerRowY: staffTopY - 14,
    staffTopY,
    stringRowY,
    ...rowsBelow(stringRowY, written),
  };
}

/** Lists the rows below the strings, from the top. */
function rowsBelow(
  stringRowY: number,
  { cues, names = 0, steps = false, lanes = 0, bow = false }: WrittenRows,
): Pick<StaffLayout, 'nameRowY' | 'cueRowY' | 'stepRowY' | 'fingerLanesY' | 'bowLaneY' | 'height'> {
  const nameRowY = stringRowY + names * NAME_ROW;
  const stepRowY = nameRowY + 8 + (cues ? CUE_ROW : 0);
  const fingerLanesY = stepRowY + (steps ? STEP_ROW : 0);
  const lanesEndY = fingerLanesY + (lanes > 0 ? lanes * FINGER_LANE + 6 : 0);
  return {
    nameRowY,
    cueRowY: nameRowY + CUE_ROW,
    stepRowY,
    fingerLanesY,
    bowLaneY: lanesEndY + AROUND_BOW / 2,
    height: lanesEndY + (bow ? BOW_LANE + AROUND_BOW : 0),
  };
}

function measureWidth(measure: Measure): number {
  const changes = measure.symbols.filter((_, order) => order > 0 && clefBefore(measure, order) !== null).length;
  return MEASURE_PADDING + CLEF_WIDTH * changes + measure.symbols.reduce((sum, symbol) => sum + symbolWidth(symbol), 0);
}

/** Finds the clef that changes before a symbol within its measure; null where it goes on. */
export function clefBefore(measure: Measure, order: number): Clef | null {
  const now = measure.symbols[order]?.reading.clef;
  return now === undefined || now === measure.symbols[order - 1]?.reading.clef ? null : now;
}

/** Finds the clef in which the next measure begins, set small at the end of this one; null where it goes on. */
export function clefAfter(engraving: Engraving, measure: Measure): Clef | null {
  const next = engraving.measures[measure.number]?.symbols[0]?.reading.clef;
  return next === undefined || next === measure.symbols[measure.symbols.length - 1]?.reading.clef ? null : next;
}

function symbolWidth(symbol: MeasureSymbol): number {
  const signs = symbol.kind === 'note' ? symbol.heads.flatMap((head) => head.accidental ?? []) : [];
  const accidental = signs.length > 0 ? 10 * signs.length + 4 * Math.max(0, ...signs.map((sign) => Math.abs(sign) - 1)) : 0;
  const small = symbol.kind === 'note' ? symbol.small.length * SMALL_WIDTH : 0;
  const further = symbol.kind === 'note' ? symbol.heads.length - 2 : -1;
  const fingers = further < 0 ? 0 : DOUBLE_STOP_WIDTH + FURTHER_WIDTH * further;
  return Math.max(SYMBOL_WIDTH[symbol.value.denominator] ?? 24, fingers) + symbol.value.dots * 8 + accidental + small;
}
