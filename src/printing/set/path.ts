import svgpath from 'svgpath';
import { MM_PER_POINT, type PaperShape, type PathShape, textShape } from '#core/paper';
import type { Plan } from '#core/plan/describe';
import { circleOutline, type Head, STAFF_HEIGHT, type StaffLayout } from '../../engraving/index.ts';
import {
  bandNames,
  bandsOf,
  beadsOf,
  type Bead,
  highestMmOf,
  linksOf,
  pathScale,
  semitoneHeights,
  slopeCurve,
  slopesOf,
  stringStroke,
} from '../../path/index.ts';
import { widthOf } from './blocks.ts';

/** The height of the path under a system for a hand that stays in low positions, and for one that goes to the middle of the string, px. */
const LOW_PATH = 170;
const HIGH_PATH = 300;

/** The part of the drawing below the nut that holds labels on the screen, px; on paper nothing stands there. */
const BELOW_NUT = 40;

/** Gives the height of the drawing: the higher the hand goes, the more, px of the staff. */
function pathPx(plan: Plan): number {
  const share = Math.min(1, Math.max(0, highestMmOf([plan]) / plan.stringLengthMm - 0.25) / 0.35);
  return LOW_PATH + share * (HIGH_PATH - LOW_PATH);
}

/** The place of a path on its page. */
interface PathPlace {
  readonly mmPerPx: number;
  /** Its top, mm from the top of its system. */
  readonly topMm: number;
}

/** Gives the height of the path under a system, mm. */
export function pathHeightMm(plan: Plan, staffMm: number): number {
  return ((pathPx(plan) - BELOW_NUT) * staffMm) / STAFF_HEIGHT;
}

/** Draws the path of the hand under the heads of a system: the string in true proportion, nut at the bottom, in black for a copier. */
export function pathShapes(plan: Plan, heads: readonly Head[], layout: StaffLayout, { mmPerPx, topMm }: PathPlace): readonly PaperShape[] {
  const scale = pathScale(plan, pathPx(plan));
  const beads = beadsOf(plan, heads, scale);
  const at = (x: number, y: number) => [x * mmPerPx, topMm + y * mmPerPx] as const;
  const ends = { left: 0, right: layout.offsets.at(-1) ?? 0 };
  const place = (d: string, look: Pick<PathShape, 'fill' | 'stroke'>): PathShape => ({
    kind: 'path',
    d: svgpath(d).unarc().scale(mmPerPx).translate(0, topMm).round(3).toString(),
    ...look,
  });
  const bands = bandsOf(plan, beads, scale);
  const names = bandNames(bands);
  return [
    ...semitoneHeights(plan, scale).map((y) =>
      place(`M${ends.left} ${y}H${ends.right}`, {
        fill: null,
        stroke: y === scale.nutY ? stroke('ink', 0.35, []) : stroke('grey', 0.05, []),
      }),
    ),
    ...bands.map(({ x, top, width, height }) =>
      place(roundedOutline(x, top, width, height), { fill: null, stroke: stroke('grey', 0.12, [0.8, 0.6]) }),
    ),
    ...bands.flatMap((band, order) => {
      const name = names[order];
      const sizePt = (12.5 * mmPerPx) / MM_PER_POINT;
      if (name == null) return [];
      const [x, y] = at(band.x + 4, band.top - 3);
      const [wideMm, highMm] = [widthOf(name, 'serif-italic', sizePt), 12 * mmPerPx];
      // White under the name keeps the lines of the semitones away from it.
      const ground = `M${x} ${y + 0.15 * highMm}H${x + wideMm}V${y - 0.75 * highMm}H${x}Z`;
      return [
        { kind: 'path' as const, d: svgpath(ground).round(3).toString(), fill: 'paper' as const, stroke: null },
        textShape([x, y], sizePt, name, { face: 'serif-italic' }),
      ];
    }),
    ...linksOf(beads).map(({ from, to, width, crossesString }) =>
      place(`M${from.x} ${from.y}L${to.x} ${to.y}`, {
        fill: null,
        stroke: stroke('grey', (crossesString ? 0.8 : width) * mmPerPx, crossesString ? [0.4, 0.7] : []),
      }),
    ),
    ...slopesOf(plan, beads, scale).map((slope) => place(slopeCurve(slope).d, { fill: null, stroke: stroke('ink', 2.6 * mmPerPx, []) })),
    ...beads.flatMap((bead) => beadShapes(bead, { place, at, mmPerPx })),
  ];
}

function stroke(tone: 'ink' | 'grey', thickMm: number, dashMm: readonly number[]) {
  return { tone, thickMm, dashMm };
}

interface Placing {
  readonly place: (d: string, look: Pick<PathShape, 'fill' | 'stroke'>) => PathShape;
  readonly at: (x: number, y: number) => readonly [number, number];
  readonly mmPerPx: number;
}

/** Draws a finger in its ring: as heavy as its string, dashed for a harmonic. */
function beadShapes({ x, y, radius, note, stop: order }: Bead, { place, at, mmPerPx }: Placing): readonly PaperShape[] {
  const stop = note.stops[order] ?? note.stops[0];
  const ring = circleOutline(x, y, radius);
  return [
    place(ring, { fill: 'paper', stroke: stroke('ink', stringStroke(note, order) * mmPerPx, stop.harmonic ? [0.45, 0.35] : []) }),
    textShape(at(x, y + 4.2), (12 * mmPerPx) / MM_PER_POINT, stop.finger, { face: 'serif-bold', anchor: 'middle' }),
  ];
}

function roundedOutline(x: number, y: number, width: number, height: number): string {
  const r = 6;
  return `M${x + r} ${y}H${x + width - r}Q${x + width} ${y} ${x + width} ${y + r}V${y + height - r}Q${x + width} ${y + height} ${x + width - r} ${y + height}H${x + r}Q${x} ${y + height} ${x} ${y + height - r}V${y + r}Q${x} ${y} ${x + r} ${y}Z`;
}
