import { mmFromNut } from '#core/instrument';
import type { Plan, PlannedSound, Shift } from '#core/plan';
import type { Head } from '../../engraving/draw-measures.ts';

/** The vertical scale of the path: the string in true proportion, nut at the bottom. */
export interface PathScale {
  readonly height: number;
  readonly nutY: number;
  readonly pxPerMm: number;
}

/** One note on the path. */
export interface Bead {
  readonly index: number;
  readonly x: number;
  readonly y: number;
  readonly note: PlannedSound;
  /** Which of the note's stops: 0, or 1 for the upper note of a double stop. */
  readonly stop: number;
}

/** The stroke between two beads. */
export interface Link {
  readonly from: Bead;
  readonly to: Bead;
  /** Stroke width of the string the second bead is on. */
  readonly width: number;
  readonly crossesString: boolean;
}

/** The frame of the hand during a stay. */
export interface Band {
  readonly x: number;
  readonly width: number;
  readonly top: number;
  readonly height: number;
  readonly stay: Plan['stays'][number];
  /** The stay begins at the first bead drawn of it, so that its name stands there. */
  readonly begins: boolean;
}

/** A shift on the path: where finger 1 is before and after. */
export interface Slope {
  readonly shift: Shift;
  readonly fromX: number;
  readonly fromY: number;
  readonly toX: number;
  readonly toY: number;
}

/** A note that asks more of the hand than it has at ease: from the lowest to the highest finger that must stand. */
export interface Stretch {
  readonly index: number;
  readonly x: number;
  readonly top: number;
  readonly bottom: number;
  readonly needMm: number;
  /** More than the largest span. */
  readonly beyond: boolean;
  /** The first of several in a row: it bears the millimetres. */
  readonly first: boolean;
}

/** Radius of a bead, px. */
export const BEAD_RADIUS = 9.5;

/** Below the nut: half a bead, and a lane for what is said of the shifts. */
const NUT_MARGIN = 46;
const TOP_MARGIN = 26;

/** The scale on which everything the plan touches fits the height. */
export function pathScale(plan: Plan, height: number): PathScale {
  const highest = plan.stays.reduce((most, stay) => Math.max(most, stay.highestMm), plan.stringLengthMm * 0.25);
  return { height, nutY: height - NUT_MARGIN, pxPerMm: (height - NUT_MARGIN - TOP_MARGIN) / highest };
}

/** y of a place on the string. */
export function yOfMm(scale: PathScale, mm: number): number {
  return scale.nutY - mm * scale.pxPerMm;
}

/** Stroke width that tells a string: thin I to thick IV and beyond. */
export function stringStroke(note: PlannedSound, stop = 0): number {
  return { I: 1, II: 1.7, III: 2.4, IV: 3.2, V: 3.8, VI: 4.4 }[(note.stops[stop] ?? note.stops[0]).string];
}

/** Beads under the engraved heads: x from the head, y from the millimetres. */
export function beadsOf(plan: Plan, heads: readonly Head[], scale: PathScale): readonly Bead[] {
  return heads.flatMap((head): Bead[] => {
    const note = plan.notes[head.index];
    if (head.rest || head.tiedFromBefore || note?.kind !== 'note') return [];
    const level = note.stops.length === 2 && Math.abs(note.stops[0].mmFromNut - note.stops[1].mmFromNut) * scale.pxPerMm < 2 * BEAD_RADIUS;
    return note.stops.map((each, stop) => ({
      index: head.index,
      // Two fingers level with each other stand side by side.
      x: head.x + (level && stop === 1 ? 2 * BEAD_RADIUS - 2 : 0),
      y: yOfMm(scale, each.mmFromNut),
      note,
      stop,
    }));
  });
}

/** Strokes between neighbouring beads; where a rest or a shift lies between, the hand's way is told otherwise. */
export function linksOf(beads: readonly Bead[]): readonly Link[] {
  const lower = beads.filter((bead) => bead.stop === 0);
  return lower.slice(1).flatMap((to, index): Link[] => {
    const from = lower[index];
    if (!from) return [];
    return [{ from, to, width: stringStroke(to.note), crossesString: from.note.stops[0].string !== to.note.stops[0].string }];
  });
}

/** Bands of the stays that have beads drawn. */
export function bandsOf(plan: Plan, beads: readonly Bead[], scale: PathScale): readonly Band[] {
  return plan.stays.flatMap((stay): Band[] => {
    const inside = beads.filter((bead) => bead.index >= stay.from && bead.index <= stay.to);
    const first = inside[0];
    const last = inside[inside.length - 1];
    if (!first || !last) return [];
    const top = yOfMm(scale, stay.highestMm) - BEAD_RADIUS - 3;
    const bottom = yOfMm(scale, stay.lowestMm) + BEAD_RADIUS + 3;
    return [{ x: first.x - 12, width: last.x - first.x + 24, top, height: bottom - top, stay, begins: first.index === stay.from }];
  });
}

/** Slopes of the shifts whose both ends are drawn. */
export function slopesOf(plan: Plan, beads: readonly Bead[], scale: PathScale): readonly Slope[] {
  const byIndex = new Map(beads.filter((bead) => bead.stop === 0).map((bead) => [bead.index, bead]));
  return plan.shifts.flatMap((shift): Slope[] => {
    const from = byIndex.get(shift.from);
    const to = byIndex.get(shift.to);
    if (!from || !to) return [];
    const mmOf = (bead: Bead): number => plan.stays.find((stay) => bead.index >= stay.from && bead.index <= stay.to)?.firstFingerMm ?? 0;
    return [{ shift, fromX: from.x, fromY: yOfMm(scale, mmOf(from)), toX: to.x, toY: yOfMm(scale, mmOf(to)) }];
  });
}

/** The stretches of the notes drawn. */
export function stretchesOf(plan: Plan, beads: readonly Bead[], scale: PathScale): readonly Stretch[] {
  const stretched = beads.filter((bead) => bead.stop === 0 && isStretch(bead.note));
  return stretched.flatMap(({ index, x, note }, order): Stretch[] => {
    if (!note.reach) return [];
    const { need, needMm, judged } = note.reach;
    const yOf = (semitones: number): number => yOfMm(scale, mmFromNut(plan.stringLengthMm, semitones));
    const before = stretched[order - 1];
    const first = before?.index !== index - 1 || before.note.reach?.needMm !== needMm;
    return [{ index, x, top: yOf(need.highest), bottom: yOf(need.lowest), needMm, beyond: judged?.verdict === 'beyond', first }];
  });
}

function isStretch({ reach }: PlannedSound): boolean {
  return reach?.judged != null && reach.judged.verdict !== 'comfort';
}
