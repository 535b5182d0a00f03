import { type Anchor, type Face, MM_PER_POINT, type PaperShape, type TextShape, textWidthMm, type Tone } from '#core/paper';
import { FACE_MEASURES } from '../faces/made/measures.js';
import { MUSIC_OUTLINES } from '../faces/made/music-outlines.js';

/** An element of a drawing: its name, its attributes, and the words in it. */
export interface SvgElement {
  readonly name: 'path' | 'text';
  /** The attributes by their names; lengths in mm. */
  readonly attributes: Readonly<Record<string, string | number>>;
  /** The words; null for an outline. */
  readonly text: string | null;
}

/** The colours on paper: black, a grey that a copier keeps, and white that covers. */
export const TONE_COLOURS: Readonly<Record<Tone, string>> = { ink: '#000000', grey: '#6b6b6b', paper: '#ffffff' };

/** The families, weights and styles of the faces as the style sheet knows them. */
export const FACE_FONTS: Readonly<Record<Face, { readonly family: string; readonly weight: number; readonly style: 'normal' | 'italic' }>> =
  {
    serif: { family: 'Dove Paper Serif', weight: 400, style: 'normal' },
    'serif-bold': { family: 'Dove Paper Serif', weight: 700, style: 'normal' },
    'serif-italic': { family: 'Dove Paper Serif', weight: 400, style: 'italic' },
    sans: { family: 'Dove Paper Sans', weight: 400, style: 'normal' },
  };

/** The lengths of dash and gap of a dashed line, mm. */
export const DASH_MM = [1.5, 1.5] as const;

/** Draws a shape as an element whose unit is the millimetre. */
export function svgElement(shape: PaperShape): SvgElement {
  switch (shape.kind) {
    case 'line': {
      const d = `M${shape.fromMm.join(' ')}L${shape.toMm.join(' ')}`;
      return outline(d, {
        stroke: TONE_COLOURS.ink,
        'stroke-width': shape.thickMm,
        ...(shape.dashed && { 'stroke-dasharray': DASH_MM.join(' ') }),
      });
    }
    case 'path': {
      const { d, fill, stroke } = shape;
      const line = stroke && {
        stroke: TONE_COLOURS[stroke.tone],
        'stroke-width': stroke.thickMm,
        ...(stroke.dashMm.length > 0 && { 'stroke-dasharray': stroke.dashMm.join(' ') }),
      };
      return outline(d, { fill: fill === null ? 'none' : TONE_COLOURS[fill], ...line });
    }
    case 'text':
      return textElement(shape);
    case 'sign': {
      const placed = placedSign(shape.sign, shape.atMm[0], shape.sizeMm, shape.anchor);
      if (!placed) return outline('', {});
      return outline(placed.d, { transform: `translate(${placed.xMm} ${shape.atMm[1]}) scale(${shape.sizeMm / 1000})` });
    }
  }
}

/** Sets words, as wide as they are in print. */
function textElement(shape: TextShape): SvgElement {
  const { family, weight, style } = FACE_FONTS[shape.face];
  const [x, y] = shape.atMm;
  // Browsers round the widths of letters to their pixels; a long line would end elsewhere than in print.
  const set = shape.text.length > 1 ? { textLength: textWidthMm(shape.text, shape.face, shape.sizePt, FACE_MEASURES) } : {};
  const attributes = {
    x,
    y,
    'font-family': family,
    'font-size': shape.sizePt * MM_PER_POINT,
    'font-weight': weight,
    'font-style': style,
    'text-anchor': shape.anchor,
    fill: TONE_COLOURS[shape.tone],
    ...set,
  };
  return { name: 'text', attributes, text: shape.text };
}

function outline(d: string, attributes: SvgElement['attributes']): SvgElement {
  return { name: 'path', attributes: { d, ...attributes }, text: null };
}

/** Finds the outline of a sign, in thousandths of its size, and the left edge at which it is set, mm; null for one that is not known. */
export function placedSign(sign: string, xMm: number, sizeMm: number, anchor: Anchor): { readonly d: string; readonly xMm: number } | null {
  const found = MUSIC_OUTLINES[sign.codePointAt(0) ?? 0];
  if (!found) return null;
  const share = { start: 0, middle: 0.5, end: 1 }[anchor];
  return { d: found.d, xMm: xMm - (share * found.width * sizeMm) / 1000 };
}
