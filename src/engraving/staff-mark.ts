/** The kinds of words on a staff, by their subject; each has a size and a face of its own. */
export type MarkLook = 'finger' | 'finger-on-stand' | 'position' | 'string' | 'small' | 'sign';

/** The strength of a mark: ink, softer for what only orients, light for what lies behind, or that of shifts. */
export type MarkTone = 'ink' | 'soft' | 'light' | 'shift';

/** The subject of a mark, with a value of it: the note it belongs to, or what it says. */
export type MarkAbout = readonly [subject: string, value: string | number];

/** Words or a sign at a place, px. */
export interface TextMark {
  readonly kind: 'text';
  /** The name of the mark among those of its staff. */
  readonly key: string;
  readonly look: MarkLook;
  readonly text: string;
  /** The x of its place, px. */
  readonly x: number;
  /** The baseline, px. */
  readonly y: number;
  readonly anchor: 'start' | 'middle' | 'end';
  readonly tone: MarkTone;
  /** The subject; null for a mark without one. */
  readonly about: MarkAbout | null;
}

/** An outline in the notation of SVG, absolute, px. */
export interface OutlineMark {
  readonly kind: 'outline';
  /** The name of the mark among those of its staff. */
  readonly key: string;
  readonly d: string;
  /** The thickness of its line, px; null where it is filled. */
  readonly thick: number | null;
  readonly tone: MarkTone;
  /** Whether it covers what lies under it. */
  readonly covers: boolean;
  /** The dashes and gaps of its line, px; empty for a whole one. */
  readonly dash: readonly number[];
  /** The subject; null for a mark without one. */
  readonly about: MarkAbout | null;
}

/** A mark on or around a staff. */
export type StaffMark = TextMark | OutlineMark;

/** The place and the look of words: in ink and from their left edge, where nothing else is said. */
type TextPlace = Pick<TextMark, 'x' | 'y'> & Partial<Pick<TextMark, 'anchor' | 'tone' | 'about'>>;

/** Sets words at a place. */
export function textMark(key: string, look: MarkLook, text: string, place: TextPlace): TextMark {
  return { kind: 'text', key, look, text, anchor: 'start', tone: 'ink', about: null, ...place };
}

/** Draws an outline, in ink unless the choice says otherwise: a line of some thickness, px, or filled where that is null. */
export function outlineMark(
  key: string,
  d: string,
  thick: number | null,
  choice: Partial<Pick<OutlineMark, 'tone' | 'covers' | 'dash' | 'about'>> = {},
): OutlineMark {
  return { kind: 'outline', key, d, thick, tone: 'ink', covers: false, dash: [], about: null, ...choice };
}

/** Draws a circle as an outline. */
export function circleOutline(x: number, y: number, radius: number): string {
  return `M${x - radius} ${y}A${radius} ${radius} 0 0 1 ${x + radius} ${y}A${radius} ${radius} 0 0 1 ${x - radius} ${y}Z`;
}
