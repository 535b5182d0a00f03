import type { Head } from './draw-measures.ts';

/** A slur or tie between heads. */
export interface Curve {
  readonly kind: 'slur' | 'tie';
  readonly above: boolean;
  readonly fromX: number;
  readonly fromY: number;
  readonly toX: number;
  readonly toY: number;
  /** y of both inner control points of the outer edge. */
  readonly controlY: number;
}

/** A line from head to head: a finger that slides. */
export interface SlideLine {
  /** Line index of the note it leads to. */
  readonly to: number;
  readonly fromX: number;
  readonly fromY: number;
  readonly toX: number;
  readonly toY: number;
}

/** Room between a head and the line that leads from or to it, px; more where an accidental stands before the head. */
const SLIDE_GAP = { head: 3, accidental: 12 } as const;

/** The lines that lead to notes, from the head engraved before each; one whose other end is not engraved is left out. */
export function slideLinesOf(heads: readonly Head[], to: ReadonlySet<number>): readonly SlideLine[] {
  return heads.flatMap((head, order): SlideLine[] => {
    const before = heads[order - 1];
    if (!before || before.rest || head.rest || before.index === head.index || !to.has(head.index)) return [];
    const gap = head.accidental ? SLIDE_GAP.accidental : SLIDE_GAP.head;
    return [{ to: head.index, fromX: before.right + SLIDE_GAP.head, fromY: before.y, toX: head.left - gap, toY: head.y }];
  });
}

/** How thick a slur is in its middle, px. */
const THICKNESS = 2.6;

/** The slurs and ties among engraved heads. A curve whose other end is not engraved is left out. */
export function curvesOf(heads: readonly Head[]): readonly Curve[] {
  return [...slursOf(heads), ...tiesOf(heads)];
}

/** The curve as a filled shape, thin at both ends. */
export function curvePath(curve: Curve): string {
  const { fromX, fromY, toX, toY, controlY, above } = curve;
  const first = fromX + (toX - fromX) * 0.25;
  const second = fromX + (toX - fromX) * 0.75;
  const inner = controlY + (above ? THICKNESS : -THICKNESS);
  return `M${fromX} ${fromY}C${first} ${controlY} ${second} ${controlY} ${toX} ${toY}C${second} ${inner} ${first} ${inner} ${fromX} ${fromY}Z`;
}

/** y of the curve's outer edge at an x between its ends, close enough to keep a number clear of it. */
export function curveYAt(curve: Curve, x: number): number {
  const t = (x - curve.fromX) / (curve.toX - curve.fromX);
  const u = 1 - t;
  return u ** 3 * curve.fromY + 3 * u * t * curve.controlY + t ** 3 * curve.toY;
}

/** A slur goes on the side of the heads; above when the stems of its notes differ, as engravers do. */
function slursOf(heads: readonly Head[]): readonly Curve[] {
  const curves: Curve[] = [];
  let group: Head[] = [];
  for (const head of heads) {
    if (head.slur === 'begins') group = [head];
    else if (head.slur !== null && group.length > 0) group.push(head);
    if (head.slur === 'ends' && group.length > 1) curves.push(slurOver(group));
    if (head.slur === null || head.slur === 'ends') group = [];
  }
  return curves;
}

function slurOver(group: readonly Head[]): Curve {
  const above = group.some((head) => !head.stemUp);
  const edges = group.map((head) => (above ? (head.stemUp ? head.top - 3 : head.y - 10) : head.y + 10));
  const first = group[0];
  const last = group[group.length - 1];
  const fromY = edges[0] ?? 0;
  const toY = edges[edges.length - 1] ?? 0;
  const fromX = first?.x ?? 0;
  const toX = last?.x ?? 0;
  const rise = 8 + Math.min(14, (toX - fromX) / 14);
  const controlY = above ? Math.min(...edges) - rise : Math.max(...edges) + rise;
  return { kind: 'slur', above, fromX, fromY, toX, toY, controlY };
}

function tiesOf(heads: readonly Head[]): readonly Curve[] {
  return heads.flatMap((head, order): Curve[] => {
    const next = heads[order + 1];
    if (!head.tiedToNext || next?.tiedFromBefore !== true) return [];
    const above = !head.stemUp;
    const y = head.y + (above ? -7 : 7);
    return [{ kind: 'tie', above, fromX: head.right, fromY: y, toX: next.left, toY: y, controlY: y + (above ? -9 : 9) }];
  });
}
