import { FINGERBOARD_END_SHARE, type Instrument, stringSpacingMm } from '#core/instrument';

/** The scale of a fingerboard lying before the eye: nut at the left, string I on top, in true proportion along the string. */
export interface BoardScale {
  /** The scale along the string, px a mm. */
  readonly pxPerMm: number;
  /** The factor by which it is drawn wider across the strings; 1 is true. */
  readonly across: number;
  /** The x of the nut, px. */
  readonly nutX: number;
  /** The y halfway between the outer strings, px. */
  readonly middleY: number;
  /** The width of the drawing, px. */
  readonly width: number;
  /** The height of the drawing, px. */
  readonly height: number;
  /** The end of the fingerboard, mm from the nut. */
  readonly endMm: number;
}

/** The factors by which the view is nearer than the whole fingerboard in the window. */
export const ZOOMS = [1, 2, 4, 8] as const;

/** The room for the names of the strings at the left, and beyond the end, px. */
const NUT_X = 44;
const END_ROOM = 16;

/** The least distance of neighbouring strings at the nut, so that fingers on them do not cover each other, px. */
const LEAST_SPACING = 46;

/** The room above and below the outer strings for finger numbers and the ruler, px. */
const TOP_ROOM = 34;
const RULER_ROOM = 44;

/** Gives the scale on which the whole fingerboard fits a width, enlarged by a zoom. */
export function boardScale(instrument: Instrument, width: number, zoom: number): BoardScale {
  const endMm = instrument.stringLengthMm * FINGERBOARD_END_SHARE[instrument.kind];
  const pxPerMm = ((width - NUT_X - END_ROOM) / endMm) * zoom;
  const across = Math.max(1, LEAST_SPACING / (stringSpacingMm(instrument, 0) * pxPerMm));
  const half = (spreadMm(instrument, endMm) / 2) * pxPerMm * across;
  return {
    pxPerMm,
    across,
    nutX: NUT_X,
    middleY: TOP_ROOM + half,
    width: NUT_X + endMm * pxPerMm + END_ROOM,
    height: TOP_ROOM + 2 * half + RULER_ROOM,
    endMm,
  };
}

/** Gives the x of a distance from the nut. */
export function boardX(scale: BoardScale, mm: number): number {
  return scale.nutX + mm * scale.pxPerMm;
}

/** Gives the y of a string at a distance from the nut. */
export function boardY(scale: BoardScale, instrument: Instrument, stringIndex: number, mm: number): number {
  const fromMiddle = stringIndex - (instrument.strings.length - 1) / 2;
  return scale.middleY + fromMiddle * stringSpacingMm(instrument, mm) * scale.pxPerMm * scale.across;
}

/** Lists round distances for the ruler, not closer than 40 px. */
export function rulerTicks({ pxPerMm, endMm }: BoardScale): readonly number[] {
  const step = [1, 2, 5, 10, 20, 50, 100].find((candidate) => candidate * pxPerMm >= 40) ?? 100;
  return Array.from({ length: Math.floor(endMm / step) + 1 }, (_, index) => index * step);
}

function spreadMm(instrument: Instrument, mm: number): number {
  return stringSpacingMm(instrument, mm) * (instrument.strings.length - 1);
}
