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
  readonly kind: 'line';
  readonly fromMm: PlaceMm;
  readonly toMm: PlaceMm;
  /** The thickness, mm. */
  readonly thickMm: number;
  readonly dashed: boolean;
}

/** An outline, filled or drawn or both. */
export interface PathShape {
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
  readonly tone: Tone;
  /** The thickness, mm. */
  readonly thickMm: number;
  /** The lengths of dashes and gaps, mm; empty for a whole line. */
  readonly dashMm: readonly number[];
}

/** Words at a place on their baseline. */
export interface TextShape {
  readonly kind: 'text';
  readonly atMm: PlaceMm;
  readonly face: Face;
  /** The size of the type, points. */
  readonly sizePt: number;
  readonly anchor: Anchor;
  readonly tone: Tone;
  readonly text: string;
}

/** A sign of the music font, drawn by its outline. */
export interface SignShape {
  readonly kind: 'sign';
  readonly atMm: PlaceMm;
  /** The size of the font, four staff spaces to an em, mm. */
  readonly sizeMm: number;
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

/** How words are set where they differ from small black print that begins at its place. */
export type TextLook = Partial<Pick<TextShape, 'face' | 'anchor' | 'tone'>>;

/** Sets words, in black sans that begins at its place unless the look says otherwise; the size in points. */
export function textShape(atMm: PlaceMm, sizePt: number, text: string, look: TextLook = {}): TextShape {
  return { kind: 'text', atMm, face: 'sans', sizePt, anchor: 'start', tone: 'ink', text, ...look };
}
