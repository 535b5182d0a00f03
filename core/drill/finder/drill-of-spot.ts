import { type InstrumentKind, STRING_NUMBERS } from '#core/instrument';
import type { Plan, PlannedSound } from '#core/plan/describe';
import { intervalBetween } from '#core/drill/apart';
import { movableFingers, type DrillFamily } from '#core/drill/families';
import { classOf } from '#core/drill/shifts';
import { type LoopKind, type LoopPlace, soundAt } from '#core/drill/hot-spots';

/**
 * Gives the drill that leads to a hot spot beside its loop: the study of a shift, the outer fingers in turn for a crossing, blocks, one
 * finger in two places for a finger that moves a semitone or stretches and for a note that is no hot spot, the scale of the position for
 * the top. Null on the thumb, whose places have no number, and where the fingers at its ends are no pair.
 */
export function drillOfSpot(plan: Plan, { kind, note, loop }: LoopPlace): DrillFamily | null {
  if (kind === 'shift') return studyAsked(plan, note);
  const [before, here] = [soundAt(plan, loop[0] ?? note), soundAt(plan, note)];
  if (!before || !here || here.position.label === 'thumb') return null;
  return DRILLS[kind](before, here, plan.brief.instrument.kind);
}

/** The drill for each kind of hot spot but a shift, from the first note of its loop and the one it arrives on. */
const DRILLS: Readonly<
  Record<Exclude<LoopKind, 'shift'>, (before: PlannedSound, here: PlannedSound, kind: InstrumentKind) => DrillFamily | null>
> = {
  crossing: (before, here) => ({ family: 'first-and-fourth', position: here.position.label, strings: [lowerString(before, here)] }),
  block: (_, { position: { label } }) => ({ family: 'blocks', position: label }),
  'augmented-second': (_, here, kind) => twoPlacesOf(kind, here, [here]),
  extension: (_, here, kind) => twoPlacesOf(kind, here, [here]),
  'one-finger-semitone': (_, here, kind) => twoPlacesOf(kind, here, [here]),
  diagonal: (before, here, kind) => twoPlacesOf(kind, here, [before, here]),
  note: (_, here, kind) => twoPlacesOf(kind, here, [here]),
  top: (_, { position: { label } }) => ({ family: 'position', position: label, set: 'scale' }),
};

/**
 * Finds the drill of a note's finger in two places, on the strings of some notes; where it moves with others, that of the last of them that
 * moves alone (the hand of the cello opens with the second). Null for an open string and where no finger moves alone.
 */
function twoPlacesOf(
  kind: InstrumentKind,
  { stops: [{ finger }], position: { label } }: PlannedSound,
  on: readonly PlannedSound[],
): DrillFamily | null {
  const movable = movableFingers(kind, label, ['1', '2', '3', '4']);
  const moves = movable.includes(finger) ? finger : movable.at(-1);
  if (finger === '0' || moves === undefined) return null;
  return { family: 'two-places', position: label, strings: [...new Set(on.map(({ stops: [{ open }] }) => open))], finger: moves };
}

/** Asks for the study of the shift that arrives on a note, at the interval it has there; null where it is of no class. */
function studyAsked(plan: Plan, note: number): DrillFamily | null {
  const found = plan.shifts.find(({ to }) => to === note);
  const shift = found && classOf(plan, found);
  if (!shift) return null;
  const [from, to] = [soundAt(plan, found.from), soundAt(plan, found.to)];
  const letters = from && to ? intervalBetween(from, to).letters : null;
  return { family: 'shift', shift, letters, measures: 'all' };
}

/** Gives the open note of the lower of two strings. */
function lowerString(...sounds: readonly [PlannedSound, PlannedSound]): string {
  const [one, other] = sounds.map(({ stops: [stop] }) => stop);
  if (!one || !other) return sounds[0].stops[0].open;
  return STRING_NUMBERS.indexOf(one.string) > STRING_NUMBERS.indexOf(other.string) ? one.open : other.open;
}
