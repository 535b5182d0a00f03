import { mmFromNut } from '#core/instrument/geometry';
import type { StringNumber } from '#core/instrument';
import type { InBetweenNote, Plan, PlannedSound, Shift } from '#core/plan/describe';
import { type Head, isMarked } from '../engraving/index.ts';
import { highestMmOf } from './small-path.ts';

/** The vertical scale of the path: the string in true proportion, nut at the bottom. */
export interface PathScale {
  /** The height of the drawing, px. */
  readonly height: number;
  /** The y of the nut, px. */
  readonly nutY: number;
  /** The scale along the string, px a mm. */
  readonly pxPerMm: number;
}

/** The place of one note on the path. */
export interface Bead {
  /** The line index of the note. */
  readonly index: number;
  /** The x of its middle, px. */
  readonly x: number;
  /** The y of its middle, px. */
  readonly y: number;
  readonly note: PlannedSound;
  /** The index of the stop: 0, or 1 for the upper note of a double stop. */
  readonly stop: number;
  /** The radius, px, smaller for a grace note. */
  readonly radius: number;
  /** The y of the finger that plays an ornament or touches a harmonic beside it; null for a plain note. */
  readonly partnerY: number | null;
}

/** The stroke between two beads. */
export interface Link {
  readonly from: Bead;
  readonly to: Bead;
  /** The stroke width of the string the second bead is on. */
  readonly width: number;
  readonly crossesString: boolean;
}

/** The frame of the hand during a stay. */
export interface Band {
  /** The left edge, px. */
  readonly x: number;
  /** The width, px. */
  readonly width: number;
  /** The y of the highest place the hand covers, px. */
  readonly top: number;
  /** The height, px. */
  readonly height: number;
  /** The stay it frames. */
  readonly stay: Plan['stays'][number];
  /** Whether the stay begins at the first bead drawn of it, so that its name stands there. */
  readonly begins: boolean;
}

/** A shift on the path, with the places of finger 1 before and after. */
export interface Slope {
  readonly shift: Shift;
  /** The note that the likeliest guide sounds on the way: its place, and its finger; null where none sounds. */
  readonly inBetween: { readonly x: number; readonly y: number; readonly note: InBetweenNote } | null;
  /** The x at which finger 1 leaves, px. */
  readonly fromX: number;
  /** The y at which finger 1 leaves, px. */
  readonly fromY: number;
  /** The x at which finger 1 arrives, px. */
  readonly toX: number;
  /** The y at which finger 1 arrives, px. */
  readonly toY: number;
}

/** A reach beyond the hand's comfortable span: from the lowest to the highest finger that must stand. */
export interface Stretch {
  /** The line index of the note that demands it. */
  readonly index: number;
  /** The x of the mark, px. */
  readonly x: number;
  /** The y of the highest finger that must stand, px. */
  readonly top: number;
  /** The y of the lowest finger that must stand, px. */
  readonly bottom: number;
  /** The distance between the two, mm. */
  readonly needMm: number;
  /** Whether it is more than the largest span. */
  readonly beyond: boolean;
  /** Whether it is the first of several in a row, which shows the millimetres. */
  readonly first: boolean;
}

/** A number or a name written in the path, which is explained on asking. */
export type PathLabel =
  | { readonly kind: 'travel'; readonly shift: Shift }
  /** The stay whose position is named. */
  | { readonly kind: 'position'; readonly stay: Plan['stays'][number] }
  /** The line index of the note that demands the reach. */
  | { readonly kind: 'reach'; readonly note: number };

/** The radius of a bead, of a grace note's bead and of a finger beside one, px. */
export const BEAD_RADIUS = 9.5;
const SMALL_BEAD_RADIUS = 7.5;

/** The margin below the nut: half a bead, a lane for the landmarks, and one for the labels of shifts. */
const NUT_MARGIN = 58;

/** The baselines of the two lanes, below the nut, px. */
export const LANES = { landmarks: 22, shifts: 37 } as const;
const TOP_MARGIN = 26;

/** Finds the scale on which everything the plan touches, and one overlaid, fits the height. */
export function pathScale(plan: Plan, height: number, over: Plan | null = null): PathScale {
  const highest = Math.max(plan.stringLengthMm * 0.25, highestMmOf(over ? [plan, over] : [plan]));
  return { height, nutY: height - NUT_MARGIN, pxPerMm: (height - NUT_MARGIN - TOP_MARGIN) / highest };
}

/** Gives the y of a place on the string. */
export function yOfMm(scale: PathScale, mm: number): number {
  return scale.nutY - mm * scale.pxPerMm;
}

/** Gives the stroke width that tells a string: thin I to thick IV and beyond. */
export function stringStroke(note: PlannedSound, stop = 0): number {
  return stringWidth((note.stops[stop] ?? note.stops[0]).string);
}

/** Gives the stroke width of a string. */
export function stringWidth(string: StringNumber): number {
  return { I: 1, II: 1.7, III: 2.4, IV: 3.2, V: 3.8, VI: 4.4 }[string];
}

/** Places beads under the engraved heads: x from the head, y from the millimetres. */
export function beadsOf(plan: Plan, heads: readonly Head[], scale: PathScale): readonly Bead[] {
  return heads.flatMap((head): Bead[] => {
    const note = plan.notes[head.index];
    if (!isMarked(head) || note?.kind !== 'note') return [];
    const levelWith = (stop: number, mm: number): number =>
      note.stops.slice(0, stop).filter((other) => Math.abs(other.mmFromNut - mm) * scale.pxPerMm < 2 * BEAD_RADIUS).length;
    return note.stops.map((planned, stop) => ({
      index: head.index,
      // Fingers level with each other stand side by side.
      x: head.x + levelWith(stop, planned.mmFromNut) * (2 * BEAD_RADIUS - 2),
      y: yOfMm(scale, planned.mmFromNut),
      note,
      stop,
      radius: head.small ? SMALL_BEAD_RADIUS : BEAD_RADIUS,
      partnerY: note.partner && yOfMm(scale, note.partner.mmFromNut),
    }));
  });
}

/** A bead of another fingering where it differs from the one drawn; set above where it would cover the bead drawn. */
export interface Ghost {
  readonly bead: Bead;
  /** The x of its middle, px. */
  readonly x: number;
  /** The y of its middle, px. */
  readonly y: number;
}

/** The distance below which a ghost stands above the bead, and its offset, px. */
const GHOST_APART = 15;
const GHOST_ABOVE = 2 * BEAD_RADIUS;

/** Places the beads of another plan of the same line, for the notes that differ. */
export function ghostsOf(beads: readonly Bead[], others: readonly Bead[], differsAt: ReadonlySet<number>): readonly Ghost[] {
  return others
    .filter((bead) => differsAt.has(bead.index))
    .map((bead) => {
      const drawn = beads.find((value) => value.index === bead.index && value.stop === bead.stop);
      const covers = drawn !== undefined && Math.abs(drawn.y - bead.y) < GHOST_APART;
      return { bead, x: bead.x, y: covers ? drawn.y - GHOST_ABOVE : bead.y };
    });
}

/** A way to play a note as a place to drop its bead: the string gives the height, the fingers of a string stand side by side. */
export interface DropTarget<Way> {
  readonly way: Way;
  /** The x of its middle, px. */
  readonly x: number;
  /** The y of its middle, px. */
  readonly y: number;
}

/** The distance of the fingers of one string while a bead is dragged, px. */
const FINGER_STEP = 25;

/** The distance within which a dragged bead is taken, px. */
const DROP_WITHIN = 26;

/** Lists where a dragged bead may be dropped: `semitonesOn` gives the height of its note above an open string. */
export function dropTargets<Way extends { readonly open: string; readonly finger: string }>(
  bead: Bead,
  ways: readonly Way[],
  semitonesOn: (open: string) => number,
  yOfSemitones: (semitones: number) => number,
): readonly DropTarget<Way>[] {
  const here = bead.note.stops[0];
  return ways.map((way) => {
    const row = ways.filter((value) => value.open === way.open);
    const middle = row.findIndex((way) => way.open === here.open && way.finger === here.finger);
    const place = row.indexOf(way) - Math.max(0, middle);
    return { way, x: bead.x + FINGER_STEP * place, y: yOfSemitones(semitonesOn(way.open)) };
  });
}

/** Finds the target a dragged bead would be dropped on; null where none is near. */
export function nearestTarget<Way>(targets: readonly DropTarget<Way>[], x: number, y: number): DropTarget<Way> | null {
  const distance = (target: DropTarget<Way>): number => Math.hypot(target.x - x, target.y - y);
  const [nearest] = targets.toSorted((one, other) => distance(one) - distance(other));
  return nearest && distance(nearest) <= DROP_WITHIN ? nearest : null;
}

/** Finds strokes between neighbouring beads; where a rest or a shift lies between, the hand's way is shown otherwise. */
export function linksOf(beads: readonly Bead[]): readonly Link[] {
  const lower = beads.filter((bead) => bead.stop === 0);
  return lower.slice(1).flatMap((to, index): Link[] => {
    const from = lower[index];
    if (!from) return [];
    return [{ from, to, width: stringStroke(to.note), crossesString: from.note.stops[0].string !== to.note.stops[0].string }];
  });
}

/** Finds the bands of the stays that have beads drawn. */
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

/** The share of the way at which the in-between note stands: it comes at the end of the slide. */
const IN_BETWEEN_AT = 0.55;

/** Finds the slopes of the shifts whose both ends are drawn. */
export function slopesOf(plan: Plan, beads: readonly Bead[], scale: PathScale): readonly Slope[] {
  const byIndex = new Map(beads.filter((bead) => bead.stop === 0).map((bead) => [bead.index, bead]));
  return plan.shifts.flatMap((shift): Slope[] => {
    const from = byIndex.get(shift.from);
    const to = byIndex.get(shift.to);
    if (!from || !to) return [];
    const [fromMm, toMm] = shift.firstFingerMm;
    const note = shift.guides[0]?.inBetween ?? null;
    const between = note && { x: from.x + (to.x - from.x) * IN_BETWEEN_AT, y: yOfMm(scale, note.mmFromNut), note };
    return [{ shift, inBetween: between, fromX: from.x, fromY: yOfMm(scale, fromMm), toX: to.x, toY: yOfMm(scale, toMm) }];
  });
}

/** The room that a letter below the nut takes, and the room that stays free between two labels, px. */
const LABEL_LETTER = 6.2;
const BETWEEN_LABELS = 8;

/** The largest distance that a label is moved away from its shift, px. */
const MOST_MOVED = 26;

/** The labels of shifts below the nut, line by line. */
export interface SlopeLabel {
  /** The x of its middle, px. */
  readonly x: number;
  readonly lines: readonly string[];
}

/**
 * Places the labels of shifts, in order, so that none runs into the one before: moved on a little, else left out, as is one that would say
 * the same again right away.
 */
export function slopeLabels(labels: readonly SlopeLabel[]): readonly (SlopeLabel | null)[] {
  let last: { readonly lines: string; readonly right: number } | null = null;
  return labels.map((label) => {
    const half = (Math.max(0, ...label.lines.map(({ length }) => length)) * LABEL_LETTER) / 2;
    const lines = label.lines.join();
    const x: number = Math.max(label.x, (last?.right ?? -Infinity) + BETWEEN_LABELS + half);
    if (x > label.x && (lines === last?.lines || x - label.x > MOST_MOVED)) return null;
    last = { lines, right: x + half };
    return { ...label, x };
  });
}

/** Finds the stretches of the notes drawn. */
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

/** Draws a slope as a curve between its two notes, level where it leaves and where it arrives, and gives the x of its middle, px. */
export function slopeCurve({ fromX, fromY, toX, toY }: Slope): { readonly d: string; readonly middleX: number } {
  const left = fromX + BEAD_RADIUS + 2;
  const right = Math.max(left + 4, toX - BEAD_RADIUS - 2);
  const middleX = (left + right) / 2;
  return { d: `M${left} ${fromY}C${middleX} ${fromY} ${middleX} ${toY} ${right} ${toY}`, middleX };
}

/** Gives the y of each semitone up to the highest that the hand covers, px: the nut first, closing up towards the bridge. */
export function semitoneHeights(plan: Plan, scale: PathScale): readonly number[] {
  const most = plan.stays.reduce((high, stay) => Math.max(high, stay.highestSemitone), 4);
  return Array.from({ length: most + 1 }, (_, semitones) => yOfMm(scale, mmFromNut(plan.stringLengthMm, semitones)));
}
