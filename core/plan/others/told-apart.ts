import type { Task } from '#core/brief';
import { type Placement, sameFingering } from '#core/hand/placement';
import type { PositionName } from '#core/hand';
import { type StringNumber, stringOf } from '#core/instrument';
import { positionOf } from '#core/plan/describe';
import { groupOf } from './groups.ts';
import { hasSameFingers, twoAndTwoOn, type HandShift, type LineChoices, type LineFacts } from './line-facts.ts';
import type { Difference, NamedShift } from './name.ts';
import { THRESHOLDS } from './thresholds.ts';

/**
 * Lists the differences of a line from another, the most telling first, each worked out when it is asked for; empty where a teacher would
 * call them the same.
 */
export function* differencesBetween(task: Task, choices: LineChoices, best: LineFacts, other: LineFacts): Iterable<Difference> {
  let told = false;
  for (const found of allWays(task, choices, best, other)) {
    for (const difference of found()) {
      if (difference === null) continue;
      told = true;
      yield difference;
    }
  }
  if (!told) yield* byFingers(task, best, other);
}

function allWays(task: Task, choices: LineChoices, best: LineFacts, other: LineFacts): readonly (() => Iterable<Difference | null>)[] {
  return [
    () => (choices.chromatic ? bySemitones(task, best, other) : []),
    () => byHand(task, best, other),
    () => [byOpenStrings(task, choices, best, other)],
    () => [byFourthFinger(task, best, other)],
  ];
}

/** Finds differences in runs of semitones: every finger once or certain fingers slide, with the fourth finger or without. */
function bySemitones(task: Task, best: LineFacts, other: LineFacts): readonly (Difference | null)[] {
  const { sliding } = other;
  if (sliding.join() !== best.sliding.join()) {
    if (sliding.length > 0) return [{ kind: 'slides', fingers: sliding }];
    return [{ kind: hasSameFingers(other) ? 'same-fingers' : 'finger-a-semitone' }];
  }
  return other.open === best.open ? [byFourthFinger(task, best, other)] : [];
}

/** Finds whether it stays in one position, or begins in another. */
function byBeginning(task: Task, best: LineFacts, other: LineFacts): Difference | null {
  const begins = first(other);
  if (!begins) return null;
  const elsewhere = !sameHand(task, begins, first(best));
  const position = numberedPosition(task, begins);
  if (other.shifts.length === 0 && (best.shifts.length > 0 || elsewhere)) return { kind: 'no-shift', position };
  return elsewhere ? { kind: 'starts', position, shifts: other.shifts.length > 1 ? [] : nameShifts(task, other.shifts) } : null;
}

/** Finds what the hand does otherwise: where it begins, where and when it shifts. */
function* byHand(task: Task, best: LineFacts, other: LineFacts): Iterable<Difference | null> {
  const pairs = twoAndTwoOn(other);
  if (pairs !== null && twoAndTwoOn(best) !== pairs) yield { kind: 'two-and-two', string: stringName(task, pairs) };
  const group = groupOf(other);
  if (group !== null && groupOf(best) !== group) yield { kind: 'groups', fingers: group };
  yield byBeginning(task, best, other);
  const shifted = { added: shiftsNotIn(task, other, best), removed: shiftsNotIn(task, best, other) };
  if (shifted.added.length > 0 || shifted.removed.length > 0) yield* byShifts(task, shifted, best, other);
}

/** Lists the shifts of one line that the other does not make, at the same note to the same place. */
function shiftsNotIn(task: Task, line: LineFacts, other: LineFacts): readonly HandShift[] {
  const key = ({ order, to, named }: HandShift): string => `${order} ${to.stringIndex} ${labelOf(task, named)}`;
  const known = new Set(other.shifts.map(key));
  return line.shifts.filter((shift) => !known.has(key(shift)));
}

/** The shifts of one line that the other does not have. */
interface Shifted {
  readonly added: readonly HandShift[];
  readonly removed: readonly HandShift[];
}

/** Finds differences in shifts: on other strings, through other positions, and where neither is so, sooner or later. */
function byShifts(task: Task, { added, removed }: Shifted, best: LineFacts, other: LineFacts): readonly Difference[] {
  const [through, went] = [positionsOf(task, other), positionsOf(task, best)];
  const found: Difference[] = [];
  if (added.length > 0 && stringsOf(other.shifts) !== stringsOf(best.shifts))
    found.push({ kind: 'strings', shifts: nameShifts(task, added) });
  if (through.map(nameKey).join() !== went.map(nameKey).join()) found.push({ kind: 'positions', positions: toldPositions(through, went) });
  if (found.length > 0) return found;
  return added.flatMap((here, index): readonly Difference[] => {
    const there = removed[index];
    return there && there.order !== here.order
      ? [{ kind: 'moment', notes: here.order - there.order, string: stringName(task, here.to.stringIndex) }]
      : [];
  });
}

/** Finds whether the hand goes the same way, over other open strings. */
function byOpenStrings(task: Task, { leastOpen, mostOpen }: LineChoices, best: LineFacts, other: LineFacts): Difference | null {
  if (other.open === best.open) return null;
  const more = other.open > best.open;
  if (other.open === (more ? mostOpen : leastOpen)) return { kind: more ? 'open-strings' : 'stopped' };
  const [many, few] = more ? [other, best] : [best, other];
  const strings = openOn(many).filter((string) => !openOn(few).includes(string));
  return { kind: more ? 'more-open' : 'fewer-open', strings: strings.map((string) => stringName(task, string)) };
}

/** Lists the strings that are played open, from I down. */
function openOn({ placements }: LineFacts): readonly number[] {
  const strings = placements.flatMap(({ finger, upper, stringIndex }) => (finger === '0' && upper === null ? [stringIndex] : []));
  return [...new Set(strings)].toSorted((one, other) => one - other);
}

/** Finds whether a string has more fourth fingers, or none left; one fewer than others is no name. */
function byFourthFinger(task: Task, best: LineFacts, other: LineFacts): Difference | null {
  const before = (string: number): number => best.fourths[string] ?? 0;
  const more = other.fourths.findIndex((count, string) => count > before(string));
  if (more >= 0) return { kind: 'fourth-finger', string: stringName(task, more) };
  const none = other.fourths.findIndex((count, string) => count === 0 && before(string) > 0);
  return none >= 0 ? { kind: 'no-fourth-finger', string: stringName(task, none) } : null;
}

function byFingers(task: Task, best: LineFacts, other: LineFacts): readonly Difference[] {
  const differs = other.placements.find((placement, order) => !sameFingering(placement, best.placements[order]));
  return differs ? [{ kind: 'fingers', string: stringName(task, differs.stringIndex) }] : [];
}

function first({ stays }: LineFacts): Placement | null {
  return stays.find((stay) => stay.first !== null)?.first ?? null;
}

function sameHand(task: Task, one: Placement, other: Placement | null): boolean {
  return other !== null && labelOf(task, one) === labelOf(task, other);
}

/** Names a position by its number, whatever its form: low and high third are both third. */
function numberedPosition(task: Task, placement: Placement): PositionName {
  return { ...positionOf(task, placement), alteration: null };
}

function labelOf(task: Task, placement: Placement): string {
  return nameKey(numberedPosition(task, placement));
}

function nameKey({ label, underThumb }: PositionName): string {
  return `${label} ${underThumb ?? ''}`;
}

/** Names the first of the shifts. */
function nameShifts(task: Task, shifts: readonly HandShift[]): readonly NamedShift[] {
  return shifts
    .map(({ to, named }): NamedShift => ({ string: stringName(task, to.stringIndex), position: numberedPosition(task, named) }))
    .slice(0, THRESHOLDS.mostShiftsNamed.value);
}

/** Lists all positions of a line where they are few, else those that the other line does not have, where there are any. */
function toldPositions(through: readonly PositionName[], went: readonly PositionName[]): readonly PositionName[] {
  // Merges neighbouring forms: from low fifth to high fifth position is named fifth.
  const inTurn = through.filter((position, index) => index === 0 || nameKey(position) !== nameKey(through[index - 1] ?? position));
  if (inTurn.length <= THRESHOLDS.mostPositionsNamed.value) return inTurn;
  const known = new Set(went.map(nameKey));
  const own = through.filter(
    (position, index) => !known.has(nameKey(position)) && through.findIndex((value) => nameKey(value) === nameKey(position)) === index,
  );
  return (own.length > 0 ? own : through).slice(0, THRESHOLDS.mostPositionsNamed.value);
}

/** Writes the strings shifted on, each once, as one text. */
function stringsOf(shifts: readonly HandShift[]): string {
  return [...new Set(shifts.map(({ to }) => to.stringIndex))].toSorted((one, other) => one - other).join();
}

function stringName(task: Task, index: number): StringNumber {
  return stringOf(task.instrument, index).number;
}

/** Lists the positions a line goes through, each as often as the hand comes to it. */
function positionsOf(task: Task, { stays }: LineFacts): readonly PositionName[] {
  return stays.flatMap((stay) => (stay.first ? [numberedPosition(task, stay.first)] : []));
}
