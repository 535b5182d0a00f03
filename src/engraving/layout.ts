import { type Engraving, type Measure, type MeasureSymbol } from '#core/notation';
import { stepsOf } from '#core/pitch';

/** Distance between two staff lines, px. */
export const STAFF_SPACE = 10;

/** Height of the five lines, px. */
export const STAFF_HEIGHT = 4 * STAFF_SPACE;

/** Where everything of a staff goes, px. Measures are laid side by side; `offsets` has one more entry than measures. */
export interface StaffLayout {
  /** Left edge of each measure, and at last the right edge of the last. */
  readonly offsets: readonly number[];
  /** Room for clef, key and meter at the beginning of the first measure. */
  readonly headWidth: number;
  readonly positionRowY: number;
  /** The lowest y of a finger's number. */
  readonly fingerRowY: number;
  /** Top line of the staff. */
  readonly staffTopY: number;
  readonly stringRowY: number;
  readonly height: number;
}

/** Widths by value: long enough for a bead under each head. */
const SYMBOL_WIDTH: Readonly<Record<number, number>> = { 1: 60, 2: 44, 4: 34, 8: 28, 16: 25, 32: 24, 64: 24 };

const MEASURE_PADDING = 26;

/** How far a line may be drawn together or apart to fill the width. */
const CLOSEST = 0.88;
const WIDEST = 1.6;

/** Lays out an engraving: one staff, as wide as it needs; `available` stretches a short line to fill it. */
export function layoutStaff(engraving: Engraving, measures: readonly Measure[], available: number, first: boolean): StaffLayout {
  const headWidth = 44 + 10 * Math.abs(engraving.key.fifths) + (first ? 28 : 0);
  const natural = measures.map((measure, index) => measureWidth(measure) + (index === 0 ? headWidth : 0));
  const total = natural.reduce((sum, width) => sum + width, 0);
  const stretch = Math.max(CLOSEST, Math.min(WIDEST, (available - headWidth) / Math.max(1, total - headWidth)));
  let right = 0;
  const offsets = [0];
  for (const [index, width] of natural.entries()) {
    const fixed = index === 0 ? headWidth : 0;
    right += fixed + (width - fixed) * stretch;
    offsets.push(right);
  }
  return { offsets, headWidth, ...rows(engraving, measures) };
}

function rows(engraving: Engraving, measures: readonly Measure[]): Omit<StaffLayout, 'offsets' | 'headWidth'> {
  const steps = measures.flatMap((measure) =>
    measure.symbols.flatMap((symbol) => (symbol.kind === 'note' ? symbol.heads.map((head) => stepsOf(head.written)) : [])),
  );
  const highest = steps.reduce((most, value) => Math.max(most, value), engraving.clef.middleSteps);
  const lowest = steps.reduce((least, value) => Math.min(least, value), engraving.clef.middleSteps);
  const above = Math.max(14, ((highest - engraving.clef.middleSteps - 4) * STAFF_SPACE) / 2 + 8);
  const below = Math.max(16, ((engraving.clef.middleSteps - lowest - 4) * STAFF_SPACE) / 2 + 10);
  const slurred = measures.some((measure) => measure.symbols.some((symbol) => symbol.kind === 'note' && symbol.slur !== null));
  const staffTopY = 44 + above + (slurred ? 14 : 0);
  const stringRowY = staffTopY + STAFF_HEIGHT + below + 24;
  return { positionRowY: 14, fingerRowY: staffTopY - 14, staffTopY, stringRowY, height: stringRowY + 8 };
}

function measureWidth(measure: Measure): number {
  return MEASURE_PADDING + measure.symbols.reduce((sum, symbol) => sum + symbolWidth(symbol), 0);
}

function symbolWidth(symbol: MeasureSymbol): number {
  const signs = symbol.kind === 'note' ? symbol.heads.flatMap((head) => head.accidental ?? []) : [];
  const accidental = signs.length > 0 ? 10 * signs.length + 4 * Math.max(0, ...signs.map((sign) => Math.abs(sign) - 1)) : 0;
  return (SYMBOL_WIDTH[symbol.value.denominator] ?? 24) + symbol.value.dots * 8 + accidental;
}
