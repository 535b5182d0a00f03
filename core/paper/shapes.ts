/** A place on paper, mm from the upper left corner of what it belongs to, y downward. */
export type PlaceMm = readonly [x: number, y: number];

/** The strength of ink: black, or the grey of hairlines and small print that a copier still catches; `paper` covers what lies under it. */
export type Tone = 'ink' | 'grey' | 'paper';

/** The faces of type on paper. */
export const FACES = ['serif', 'serif-bold', 'serif-italic', 'sans'] as const;

/** A face of type on paper. */
export type Face = (typeof FACES)[number];

/** The part of a text that stands at its place. */
export type Anchor = 'start' | 'middle' | 'end';

/** A straight line. */
export interface LineShape {
  /** The kind of a straight line. */
  readonly kind: 'line';
  /** The place at which it begins. */
  readonly fromMm: PlaceMm;
  /** The place at which it ends. */
  readonly toMm: PlaceMm;
  /** The thickness, mm. */
  readonly thickMm: number;
  /** Whether it is dashed. */
  readonly dashed: boolean;
}

/** An outline, filled or drawn or both. */
export interface PathShape {
  /** The kind of an outline. */
  readonly kind: 'path';
  /** The outline in the notation of SVG, absolute, in mm. */
  readonly d: string;
  /** The filling; null for none. */
  readonly fill: Tone | null;
  /** The line along it; null for none. */
  readonly stroke: PathStroke | null;
}

/** The line along an outline. */
export interface PathStroke {
  /** The strength of the ink. */
  readonly tone: Tone;
  /** The thickness, mm. */
  readonly thickMm: number;
  /** The lengths of dashes and gaps, mm; empty for a whole line. */
  readonly dashMm: readonly number[];
}

/** Words at a place on their baseline. */
export interface TextShape {
  /** The kind of words. */
  readonly kind: 'text';
  /** The place on the baseline. */
  readonly atMm: PlaceMm;
  /** The face in which they are set. */
  readonly face: Face;
  /** The size of the type, points. */
  readonly sizePt: number;
  /** The part of the words that stands at the place. */
  readonly anchor: Anchor;
  /** The strength of the ink. */
  readonly tone: Tone;
  /** The words. */
  readonly text: string;
}

/** A sign of the music font, drawn by its outline. */
export interface SignShape {
  /** The kind of a sign. */
  readonly kind: 'sign';
  /** The place on the baseline. */
  readonly atMm: PlaceMm;
  /** The size of the font, four staff spaces to an em, mm. */
  readonly sizeMm: number;
  /** The part of the sign that stands at the place. */
  readonly anchor: Anchor;
  /** The sign, a character of the music font. */
  readonly sign: string;
}

/** Anything that can stand on paper. */
export type PaperShape = LineShape | PathShape | TextShape | SignShape;

/** Pages to be printed at their own size. */
export interface PaperPages {
  /** The width of each page, mm. */
  readonly widthMm: number;
  /** The height of each page, mm. */
  readonly heightMm: number;
  /** The shapes on each page. */
  readonly pages: readonly (readonly PaperShape[])[];
}

/** Draws a straight line. */
export function lineShape(fromMm: PlaceMm, toMm: PlaceMm, thickMm: number, dashed = false): LineShape {
  return { kind: 'line', fromMm, toMm, thickMm, dashed };
}

/** The look of words where it differs from small black print that begins at its place. */
export type TextLook = Partial<Pick<TextShape, 'face' | 'anchor' | 'tone'>>;

/** Sets words, in black sans that begins at its place unless the look says otherwise; the size in points. */
export function textShape(atMm: PlaceMm, sizePt: number, text: string, look: TextLook = {}): TextShape {
  return { kind: 'text', atMm, face: 'sans', sizePt, anchor: 'start', tone: 'ink', text, ...look };
}
