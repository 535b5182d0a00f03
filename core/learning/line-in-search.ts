import { type Brief, readBrief, withTable } from '#core/brief';
import type { Placement } from '#core/hand/placement';
import { restrict } from '#core/search/lattice';
import { fingeringLabel, type Way } from '#core/search/ways';
import { asksOfWholeLine, cheapestFingerings, type Laid, layOutAgain, layTask, placementsAt, solve, wayIn } from '#core/solve';
import type { Weights } from '#core/weights';

/** The string and the finger of a note, as far as they decide whether a fingering is right. */
export type StringAndFinger = Pick<Placement, 'stringIndex' | 'finger'>;

/** A note as it is fingered; `upper` and `top` are null for single notes and double stops. */
export interface FingeredNote extends StringAndFinger {
  /** The upper note of a double stop, or the middle one of a chord; null for a single note. */
  readonly upper: StringAndFinger | null;
  /** The top note of a chord; null for any other. */
  readonly top: StringAndFinger | null;
}

/** A whole fingering that is right: whether a note, by its order among the sounding notes, is fingered as in it. */
export type RightFingering = (note: FingeredNote, order: number) => boolean;

/** Tells whether two notes have the same strings and fingers; no other note is none. */
export function isFingeredAs(one: FingeredNote, other: FingeredNote | undefined): boolean {
  const same = (here: StringAndFinger | null, there: StringAndFinger | null): boolean =>
    here?.stringIndex === there?.stringIndex && here?.finger === there?.finger;
  return other !== undefined && same(one, other) && same(one.upper, other.upper) && same(one.top, other.top);
}

/** A line with the fingerings that a teacher would write over it. */
export interface FingeredLine {
  /** The name in reports. */
  readonly name: string;
  /** The family: lines of one family are variants of each other, and are never split between learning and judging. */
  readonly family: string;
  /** The brief: the line, the instrument, the player. */
  readonly brief: Brief;
  /** The fingerings, any of them right; at least one. */
  readonly right: readonly RightFingering[];
}

/** A line laid out for the search. */
export interface LineInSearch {
  /** The line and its fingerings. */
  readonly line: FingeredLine;
  /** The notes with their candidates, priced by the weights as they were set. */
  readonly laid: Laid;
}

/** Lays a line out; null where it cannot be read, or a note has no finger in our model. */
export function lineInSearch(line: FingeredLine): LineInSearch | null {
  const task = readBrief(line.brief);
  if (!task.ok) return null;
  const laid = layTask(task.value);
  return laid.ok ? { line, laid: laid.layOut } : null;
}

/** Tells whether the best fingering of a line under some weights is right. */
export function bestIsRight({ line, laid }: LineInSearch, table: Weights): boolean {
  const solved = solve(layOutAgain(laid, withTable(laid.task, table)));
  return solved !== null && isRight(line, solved.placements);
}

function isRight({ right }: FingeredLine, placements: readonly Placement[]): boolean {
  return right.some((fits) => placements.every(fits));
}

/** The findings of a search under some weights. */
export interface Searched {
  /** The cheapest right fingering; null where our hands play none. */
  readonly right: Way | null;
  /** Whether the cheapest fingering of all is right. */
  readonly isHit: boolean;
  /** The cheapest fingerings that are not right, cheapest first. */
  readonly rivals: readonly Way[];
}

/** Searches a line under some weights: exactly, and for a number of the cheapest fingerings. */
export function searchLine({ line, laid }: LineInSearch, table: Weights, most: number): Searched {
  const priced = layOutAgain(laid, withTable(laid.task, table));
  const solved = solve(priced);
  const found = asksOfWholeLine(priced.task) ? [] : cheapestFingerings(priced, most);
  const placed = [...(solved ? [solved.way] : []), ...found].map((way) => ({ way, placements: placementsAt(priced.lattice, way.choices) }));
  const wrong = placed.filter(({ placements }) => !isRight(line, placements));
  const byRow = new Map(wrong.toReversed().map(({ way, placements }) => [placements.map(fingeringLabel).join(' '), way]));
  return {
    right: cheapestRight(line.right, priced),
    isHit: solved !== null && isRight(line, solved.placements),
    rivals: [...byRow.values()].toSorted((one, other) => one.cost - other.cost),
  };
}

function cheapestRight(right: readonly RightFingering[], { task, lattice }: Laid): Way | null {
  const ways = right.flatMap((fits) => wayIn(task, restrict(lattice, fits)) ?? []);
  return ways.reduce<Way | null>((least, way) => (least && least.cost <= way.cost ? least : way), null);
}
