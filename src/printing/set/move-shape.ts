import svgpath from 'svgpath';
import type { PaperShape, PlaceMm } from '#core/paper';

/** Moves a shape by some millimetres. */
export function moveShape(shape: PaperShape, xMm: number, yMm: number): PaperShape {
  const place = ([x, y]: PlaceMm): PlaceMm => [x + xMm, y + yMm];
  switch (shape.kind) {
    case 'line':
      return { ...shape, fromMm: place(shape.fromMm), toMm: place(shape.toMm) };
    case 'path':
      return { ...shape, d: svgpath(shape.d).translate(xMm, yMm).round(3).toString() };
    case 'text':
    case 'sign':
      return { ...shape, atMm: place(shape.atMm) };
  }
}
