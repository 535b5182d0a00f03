import type { PaperShape } from '#core/paper';
import { boxOf, overlapMm } from './boxes.ts';

/** The least white at the edge of a page that no printer cuts off, mm. */
const EDGE_MM = 8;

/** The most that boxes may overlap, mm: they are those of the highest letters. */
const TOUCHES_MM = 0.3;

/** Tells what leaves a page, and which words run into others or into notes. */
export function wrongOn(shapes: readonly PaperShape[], { widthMm, heightMm }: Size): readonly string[] {
  const boxes = shapes.map((shape) => ({ shape, box: boxOf(shape) }));
  const outside = boxes.filter(
    ({ box }) => box.left < EDGE_MM || box.top < EDGE_MM || box.right > widthMm - EDGE_MM || box.bottom > heightMm - EDGE_MM,
  );
  const words = boxes.filter(({ shape }) => shape.kind === 'text');
  const signs = boxes.filter(({ shape }) => shape.kind === 'sign');
  const touching = words.flatMap((one, order) =>
    [...words.slice(order + 1), ...signs]
      .filter((other) => overlapMm(one.box, other.box) > TOUCHES_MM)
      .map((other) => [one.shape, other.shape]),
  );
  return [...outside.map(({ shape }) => `outside ${JSON.stringify(shape)}`), ...touching.map((pair) => `touching ${JSON.stringify(pair)}`)];
}

interface Size {
  readonly widthMm: number;
  readonly heightMm: number;
}
