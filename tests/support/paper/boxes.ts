import svgpath from 'svgpath';
import { MM_PER_POINT, type PaperShape, textWidthMm } from '#core/paper';
import { FACE_MEASURES } from '../../../src/printing/faces/made/measures.js';
import { MUSIC_OUTLINES } from '../../../src/printing/faces/made/music-outlines.js';

/** The room that a shape takes on its page, mm. */
export interface Box {
  readonly left: number;
  readonly right: number;
  readonly top: number;
  readonly bottom: number;
}

/** The ink of figures and capitals above the baseline, and of letters that hang below it, in sizes of the type. */
const ABOVE = 0.7;
const BELOW = 0.2;

/** Gives the box of a shape: of an outline with its control points, of words with the letters as high as capitals. */
export function boxOf(shape: PaperShape): Box {
  switch (shape.kind) {
    case 'line':
      return around([shape.fromMm, shape.toMm]);
    case 'path':
      return boxOfOutline(shape.d);
    case 'text': {
      const [x, y] = shape.atMm;
      const width = textWidthMm(shape.text, shape.face, shape.sizePt, FACE_MEASURES);
      const size = shape.sizePt * MM_PER_POINT;
      const left = x - { start: 0, middle: width / 2, end: width }[shape.anchor];
      const hangs = /[gjpqy,;ç()|]/.test(shape.text) ? BELOW : 0.02;
      return { left, right: left + width, top: y - ABOVE * size, bottom: y + hangs * size };
    }
    case 'sign': {
      const outline = MUSIC_OUTLINES[shape.sign.codePointAt(0) ?? 0];
      const scale = shape.sizeMm / 1000;
      const [x, y] = shape.atMm;
      const left = x - { start: 0, middle: 0.5, end: 1 }[shape.anchor] * (outline?.width ?? 0) * scale;
      if (!outline) return { left, right: left, top: y, bottom: y };
      return {
        left: left + outline.left * scale,
        right: left + outline.right * scale,
        top: y - outline.top * scale,
        bottom: y - outline.bottom * scale,
      };
    }
  }
}

function boxOfOutline(d: string): Box {
  const points: (readonly [number, number])[] = [];
  svgpath(d)
    .abs()
    .unshort()
    .unarc()
    .iterate(([command, ...to], _, x, y) => {
      const values = to.map(Number);
      if (command === 'H') points.push([values[0] ?? x, y]);
      else if (command === 'V') points.push([x, values[0] ?? y]);
      else for (let at = 0; at + 1 < values.length; at += 2) points.push([values[at] ?? 0, values[at + 1] ?? 0]);
    });
  return around(points);
}

function around(points: readonly (readonly [number, number])[]): Box {
  const [xs, ys] = [points.map(([x]) => x), points.map(([, y]) => y)];
  return { left: Math.min(...xs), right: Math.max(...xs), top: Math.min(...ys), bottom: Math.max(...ys) };
}

/** Gives the least of the two distances by which boxes run into each other, mm; 0 or less where they do not. */
export function overlapMm(one: Box, other: Box): number {
  const across = Math.min(one.right, other.right) - Math.max(one.left, other.left);
  const along = Math.min(one.bottom, other.bottom) - Math.max(one.top, other.top);
  return Math.min(across, along);
}
