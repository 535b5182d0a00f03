import { formatKey } from '#core/key';
import { keyAt } from '#core/material/measures';
import type { Plan, Shift } from '#core/plan/describe';
import { classOf, keyOfClass, type ShiftClass } from '#core/drill/shifts';

/** A piece of a player: its plan, and how often each of its notes (line indexes) was missed. */
export interface PieceOfPlayer {
  /** The id of the piece. */
  readonly id: string;
  /** Its fingering. */
  readonly plan: Plan;
  /** The number of misses by note; notes that were never missed are absent. */
  readonly missed: ReadonlyMap<number, number>;
}

/** A shift at its place: the piece, and the note it arrives on (line index). */
export interface ShiftPlace {
  /** The id of the piece. */
  readonly piece: string;
  /** The line index of the note it arrives on. */
  readonly note: number;
}

/** A class of shifts that the pieces of a player ask for. */
export interface ShiftNeed {
  /** The class. */
  readonly shiftClass: ShiftClass;
  /** Every place that has it. */
  readonly places: readonly ShiftPlace[];
  /** The number of tries that missed at these places. */
  readonly missed: number;
  /** The key in which it occurs most, documents' form. */
  readonly key: string;
  /** The positions between which it goes, by their labels, the lower first; each pair once. */
  readonly between: readonly (readonly [string, string])[];
}

/** A shift of a class at one place. */
interface Found {
  readonly shiftClass: ShiftClass;
  readonly place: ShiftPlace;
  readonly missed: number;
  readonly key: string;
  readonly between: readonly [string, string];
}

/** Lists the classes of shifts in the pieces of a player, the most missed first, then the most frequent. */
export function shiftNeeds(pieces: readonly PieceOfPlayer[]): readonly ShiftNeed[] {
  const byClass = new Map<string, [Found, ...Found[]]>();
  for (const found of pieces.flatMap((piece) => piece.plan.shifts.flatMap((shift) => classAt(piece, shift)))) {
    const key = keyOfClass(found.shiftClass);
    const before = byClass.get(key);
    byClass.set(key, before ? [...before, found] : [found]);
  }
  return [...byClass.values()].map(needOf).toSorted((one, other) => other.missed - one.missed || other.places.length - one.places.length);
}

function classAt({ id, plan, missed }: PieceOfPlayer, shift: Shift): readonly Found[] {
  const shiftClass = classOf(plan, shift);
  if (!shiftClass) return [];
  const labels = [shift.fromPosition.label, shift.toPosition.label] as const;
  return [
    {
      shiftClass,
      place: { piece: id, note: shift.to },
      missed: missed.get(shift.to) ?? 0,
      key: formatKey(keyAt(plan.line, shift.to)),
      between: shift.handSemitones > 0 ? labels : [labels[1], labels[0]],
    },
  ];
}

function needOf(found: readonly [Found, ...Found[]]): ShiftNeed {
  const [first] = found;
  const pairs = new Map(found.map(({ between }) => [between.join(' '), between]));
  return {
    shiftClass: first.shiftClass,
    places: found.map(({ place }) => place),
    missed: found.reduce((sum, { missed }) => sum + missed, 0),
    key: mostFrequent(found.map(({ key }) => key)),
    between: [...pairs.values()],
  };
}

function mostFrequent(keys: readonly string[]): string {
  const counts = new Map<string, number>();
  for (const key of keys) counts.set(key, (counts.get(key) ?? 0) + 1);
  return [...counts].toSorted(([, one], [, other]) => other - one)[0]?.[0] ?? '';
}
