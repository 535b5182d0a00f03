import type { Finger } from '#core/hand/placement';
import type { StringNumber } from '#core/instrument';
import type { Plan, PlannedSound } from '#core/plan/describe';
import type { Fault, ShiftsMissed } from '../../../audio/index.ts';

/** The faults that a simulated player can have. */
export const FAULTS = ['none', 'finger', 'string', 'note', 'shifts', 'landing', 'drift', 'vibrato', 'slips'] as const;

/** The distances by which a simulated player is out, cents, sharp and beyond positive. */
export const OUT_BY = ['-30', '-18', '-10', '10', '18', '30'] as const;

/** The choices of the fault of a simulated player. */
export interface FaultChosen {
  /** The kind of fault. */
  readonly kind: (typeof FAULTS)[number];
  readonly finger: Finger;
  readonly string: StringNumber;
  /** The line index of the note that is out. */
  readonly note: number;
  readonly way: ShiftsMissed;
  /** The distance by which it is out, cents. */
  readonly outBy: (typeof OUT_BY)[number];
}

/** The fault at first. */
export const FIRST_FAULT: FaultChosen = { kind: 'finger', finger: '3', string: 'I', note: 0, way: 'both', outBy: '-18' };

/** Gives the fault that is chosen, on a finger, a string or a note that plays in the plan. */
export function faultOf(plan: Plan, { kind, finger, string, note, way, outBy }: FaultChosen): Fault {
  const cents = Number(outBy);
  switch (kind) {
    case 'finger':
      return { kind, finger: presentOr(fingersOf(plan), finger), cents };
    case 'string':
      return { kind, string: presentOr(stringsOf(plan), string), cents };
    case 'note':
      return { kind, note: presentOr(stoppedNotes(plan), note), cents };
    case 'shifts':
      return { kind, way, beyondCents: cents };
    case 'none':
    case 'landing':
    case 'drift':
    case 'vibrato':
    case 'slips':
      return { kind };
  }
}

/** Gives what is chosen where it is among those present, else the first of them. */
function presentOr<Value>(present: readonly Value[], chosen: Value): Value {
  return present.includes(chosen) ? chosen : (present[0] ?? chosen);
}

/** Lists the notes of a plan that are stopped, by line index. */
export function stoppedNotes({ notes }: Plan): readonly number[] {
  return notes.flatMap((note, index) => (note.kind === 'note' && note.stops.some(({ finger }) => finger !== '0') ? [index] : []));
}

/** Lists the fingers that play in a plan. */
export function fingersOf(plan: Plan): readonly Finger[] {
  const playing = new Set(stopsOf(plan).map(({ finger }) => finger));
  return (['1', '2', '3', '4', 'T'] as const).filter((finger) => playing.has(finger));
}

/** Lists the strings on which something is stopped in a plan. */
export function stringsOf(plan: Plan): readonly StringNumber[] {
  const stopped = new Set(stopsOf(plan).flatMap(({ finger, string }) => (finger === '0' ? [] : [string])));
  return plan.strings.map(({ number }) => number).filter((number) => stopped.has(number));
}

function stopsOf({ notes }: Plan): readonly PlannedSound['stops'][number][] {
  return notes.flatMap((note) => (note.kind === 'note' ? note.stops : []));
}
