import { compareFractions } from '#core/fraction';
import type { Plan } from './types/plan.ts';
import type { PlannedNote } from './types/stop.ts';

/** Tells whether two plans are the same to play: on the same instrument, the same notes at the same time, with the same fingers and strings. */
export function areFingeredAlike(one: Plan, other: Plan): boolean {
  if (one.brief.instrument.kind !== other.brief.instrument.kind || one.notes.length !== other.notes.length) return false;
  return one.notes.every((note, index) => {
    const [here, there] = [one.line.notes[index], other.line.notes[index]];
    return here !== undefined && there !== undefined && compareFractions(here.onset, there.onset) === 0 && isSame(note, other.notes[index]);
  });
}

function isSame(one: PlannedNote, other: PlannedNote | undefined): boolean {
  if (one.kind === 'rest' || other?.kind !== 'note') return one.kind === other?.kind;
  return (
    one.stops.length === other.stops.length &&
    one.stops.every((stop, order) => {
      const { pitch, string, finger } = other.stops[order] ?? {};
      return stop.pitch === pitch && stop.string === string && stop.finger === finger;
    })
  );
}
