import type { Finger } from '#core/hand/placement';
import type { Way } from '#core/drill/hot-spots';
import type { FamilyName } from '#core/drill/families';
import type { ShiftClass } from '#core/drill/shifts';
import type { DrillAim, DrillFacts } from './facts.ts';

/** A teacher's query for drills; a part that is null or absent excludes nothing. */
export interface DrillQuery {
  /** The family of the drill. */
  readonly family?: FamilyName | null;
  /** The purpose of the drill. */
  readonly aim?: DrillAim | null;
  /** The key, documents' form: "Bb major". */
  readonly key?: string | null;
  /** The open note of the string, documents' form. */
  readonly string?: string | null;
  /** The position, by its label: "3". */
  readonly position?: string | null;
  /** The finger a shift leaves with. */
  readonly fromFinger?: Finger | null;
  /** The finger a shift arrives with. */
  readonly toFinger?: Finger | null;
  /** The direction of the shift. */
  readonly way?: Way | null;
  /** The number of positions or semitones that its shift goes. */
  readonly steps?: number | null;
  /** A shift that the drills should be like; the most alike come first. */
  readonly like?: ShiftClass | null;
}

/**
 * Finds the drills that answer a query, in their order. With a shift to be like, the most alike come first and those without anything in
 * common are left out.
 */
export function findDrills<Drill extends { readonly facts: DrillFacts }>(drills: readonly Drill[], query: DrillQuery): readonly Drill[] {
  const { like } = query;
  const found = drills.filter(({ facts }) => answers(facts, query));
  if (!like) return found;
  const ranked = found.map((drill) => ({ drill, points: likeness(drill.facts, like) })).filter(({ points }) => points >= ENOUGH_ALIKE);
  return ranked.toSorted((one, other) => other.points - one.points).map(({ drill }) => drill);
}

/** The test for each part of a query. */
const PARTS: readonly ((facts: DrillFacts, query: DrillQuery) => boolean)[] = [
  ({ family }, query) => isAny(query.family) || family === query.family,
  ({ aim }, query) => isAny(query.aim) || aim === query.aim,
  ({ key }, query) => isAny(query.key) || key === query.key,
  // A drill without strings of its own goes over all strings.
  ({ strings }, query) => isAny(query.string) || strings.length === 0 || strings.includes(query.string),
  ({ positions }, query) => isAny(query.position) || positions.includes(query.position),
  ({ fingers }, query) => isAny(query.fromFinger) || fingers?.[0] === query.fromFinger,
  ({ fingers }, query) => isAny(query.toFinger) || fingers?.[1] === query.toFinger,
  ({ way }, query) => isAny(query.way) || way === query.way,
  ({ distance }, query) => isAny(query.steps) || distance?.steps === query.steps,
];

function answers(facts: DrillFacts, query: DrillQuery): boolean {
  return PARTS.every((part) => part(facts, query));
}

function isAny<Value>(asked: Value | null | undefined): asked is null | undefined {
  return asked === null || asked === undefined;
}

/** The least likeness: the same fingers, or one of them and the distance; a drill with less is for something else. */
const ENOUGH_ALIKE = 4;

/** Counts what a drill has in common with a shift: fingers and distance count most, then the direction, then the string. */
function likeness({ fingers, distance, way, strings }: DrillFacts, shift: ShiftClass): number {
  if (!fingers || !distance) return 0;
  const points: readonly (readonly [boolean, number])[] = [
    [fingers[0] === shift.fromFinger, 2],
    [fingers[1] === shift.toFinger, 2],
    [distance.by === shift.distance.by && distance.steps === shift.distance.steps, 2],
    [way === shift.way, 1.5],
    [strings.includes(shift.toString), 1],
  ];
  return points.reduce((sum, [isAlike, weight]) => sum + (isAlike ? weight : 0), 0);
}
