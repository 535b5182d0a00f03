import type { Head } from './draw-measures.ts';
import { roomForArticulation } from './layout.ts';

/** A slur or tie between heads. */
export interface Curve {
  readonly kind: 'slur' | 'tie';
  readonly above: boolean;
  /** The x of the left end, px. */
  readonly fromX: number;
  /** The y of the left end, px. */
  readonly fromY: number;
  /** The x of the right end, px. */
  readonly toX: number;
  /** The y of the right end, px. */
  readonly toY: number;
  /** The y of both inner control points of the outer edge. */
  readonly controlY: number;
}

/** A line from head to head: a finger that slides. */
export interface SlideLine {
  /** The line index of the note it leads to. */
  readonly to: number;
  /** The x of the left end, px. */
  readonly fromX: number;
  /** The y of the left end, px. */
  readonly fromY: number;
  /** The x of the right end, px. */
  readonly toX: number;
  /** The y of the right end, px. */
  readonly toY: number;
}

/** The room between a head and the line that leads from or to it, px; more where an accidental stands before the head. */
const SLIDE_GAP = { head: 3, accidental: 12 } as const;

/** Finds the lines that lead to notes, from the head engraved before each; one whose other end is not engraved is left out. */
export function slideLinesOf(heads: readonly Head[], to: ReadonlySet<number>): readonly SlideLine[] {
  return heads.flatMap((head, order): SlideLine[] => {
    const before = heads[order - 1];
    if (!before || before.rest || head.rest || before.index === head.index || !to.has(head.index)) return [];
    const gap = head.accidental ? SLIDE_GAP.accidental : SLIDE_GAP.head;
    return [{ to: head.index, fromX: before.right + SLIDE_GAP.head, fromY: before.y, toX: head.left - gap, toY: head.y }];
  });
}

/** The thickness of a slur in its middle, px. */
const THICKNESS = 2.6;

/** The left and right ends of the notes of a system, px: curves beyond its ends are drawn up to them. */
export interface SystemEnds {
  /** The x at which its first note begins, px. */
  readonly left: number;
  /** The x at which its last note ends, px. */
  readonly right: number;
}

/**
 * Finds the slurs and ties among engraved heads. A curve whose other end is not engraved goes to the end of the system, where there is one.
 */
export function curvesOf(heads: readonly Head[], ends: SystemEnds | null = null): readonly Curve[] {
  return [...slursOf(heads, ends), ...tiesOf(heads, ends)];
}

/** Draws the curve as a filled shape, thin at both ends. */
export function curvePath(curve: Curve): string {
  const { fromX, fromY, toX, toY, controlY, above } = curve;
  const first = fromX + (toX - fromX) * 0.25;
  const second = fromX + (toX - fromX) * 0.75;
  const inner = controlY + (above ? THICKNESS : -THICKNESS);
  return `M${fromX} ${fromY}C${first} ${controlY} ${second} ${controlY} ${toX} ${toY}C${second} ${inner} ${first} ${inner} ${fromX} ${fromY}Z`;
}

/** Gives the y of the curve's outer edge at an x between its ends, close enough to keep a number clear of it. */
export function curveYAt(curve: Curve, x: number): number {
  const t = (x - curve.fromX) / (curve.toX - curve.fromX);
  const u = 1 - t;
  return u ** 3 * curve.fromY + 3 * u * t * curve.controlY + t ** 3 * curve.toY;
}

/** Finds the slurs. A slur goes on the side of the heads; above when the stems of its notes differ, as engravers do. */
function slursOf(heads: readonly Head[], ends: SystemEnds | null): readonly Curve[] {
  return slurredGroups(heads).flatMap((group): Curve[] => {
    const [first, last] = [group[0], group[group.length - 1]];
    const fromX = first?.slur === 'begins' ? first.x : ends?.left;
    const toX = last?.slur === 'ends' ? last.x : ends?.right;
    return fromX === undefined || toX === undefined || fromX >= toX ? [] : [slurOver(group, fromX, toX)];
  });
}

/** Groups the heads under one slur; a group may begin or end beyond the heads that are engraved. One that breaks off is left out. */
function slurredGroups(heads: readonly Head[]): readonly (readonly Head[])[] {
  const groups: Head[][] = [];
  let isOpen = false;
  // A small note stands under the slur of the notes around it.
  for (const head of heads.filter(({ small }) => !small)) {
    if (isOpen && (head.slur === null || head.slur === 'begins')) groups.pop();
    if (head.slur !== null) {
      if (!isOpen || head.slur === 'begins') groups.push([]);
      groups[groups.length - 1]?.push(head);
    }
    isOpen = head.slur !== null && head.slur !== 'ends';
  }
  return groups;
}

function slurOver(group: readonly Head[], fromX: number, toX: number): Curve {
  const above = group.some((head) => !head.stemUp);
  const edges = group.map((head) => {
    const off = 10 + (head.stemUp !== above ? roomForArticulation(head.articulation) : 0);
    if (!above) return head.y + off;
    return head.stemUp ? head.top - 3 : head.y - off;
  });
  const fromY = edges[0] ?? 0;
  const toY = edges[edges.length - 1] ?? 0;
  const rise = 8 + Math.min(14, (toX - fromX) / 14);
  const controlY = above ? Math.min(...edges) - rise : Math.max(...edges) + rise;
  return { kind: 'slur', above, fromX, fromY, toX, toY, controlY };
}

/** The distance that a tie from the system before reaches back from its head, px, at most to the end of the system. */
const TIE_BACK = 24;

function tiesOf(heads: readonly Head[], ends: SystemEnds | null): readonly Curve[] {
  return heads.flatMap((head, order): Curve[] => {
    const [before, next] = [heads[order - 1], heads[order + 1]];
    const comesOver = head.tiedFromBefore && before === undefined && ends !== null;
    const toX = next?.tiedFromBefore === true ? next.left : next === undefined && ends !== null ? ends.right : null;
    return [
      ...(comesOver ? [tie(head, Math.max(ends.left, head.left - TIE_BACK), head.left)] : []),
      ...(head.tiedToNext && toX !== null ? [tie(head, head.right, toX)] : []),
    ];
  });
}

function tie({ stemUp, y: headY }: Head, fromX: number, toX: number): Curve {
  const above = !stemUp;
  const y = headY + (above ? -7 : 7);
  return { kind: 'tie', above, fromX, fromY: y, toX, toY: y, controlY: y + (above ? -9 : 9) };
}
