import type { Finger } from '#core/hand';
import type { Alteration, DrillNote, Written } from '../drill.ts';
import { formatPitch, isInKey, semitonesOf, stepsOf } from '#core/pitch';
import { besideIn, fingersOf, type Ground, type Standing, standingsOf } from '../standings.ts';

/** Only measures, all as asked. */
export function asAsked(measures: Written['measures']): Written {
  return { measures, altered: [] };
}

/** A rest of a length, of a whole note. */
export function rest(duration = '1/4'): DrillNote {
  return { rest: true, duration };
}

/** What one position holds of the key on a string, from the nut up, one place for each note; nothing where there is no such string. */
export function onString(ground: Ground, stringIndex: number, position: string): readonly Standing[] {
  return ground.instrument.strings[stringIndex] === undefined ? [] : inPosition(allOnString(ground, stringIndex), position);
}

/** Every finger on every note of the key on a string, in all positions. */
export function allOnString(ground: Ground, stringIndex: number): readonly Standing[] {
  return [...fingersOf(ground.hand), 'T' as const].flatMap((finger) => standingsOf(ground, stringIndex, finger));
}

/** What one position holds of all that a string has, from the nut up, one place for each note; the thumb in thumb position alone. */
export function inPosition(all: readonly Standing[], position: string): readonly Standing[] {
  const found = all
    .filter(({ label, placement }) => label === position && (position === 'thumb' || placement.finger !== 'T'))
    .toSorted((one, other) => one.placement.semitonesAboveOpen - other.placement.semitonesAboveOpen);
  const hand = mostIn(found);
  return found
    .filter(({ placement }) => placement.stance === hand)
    .filter(({ pitch }, order, held) => held.findIndex((each) => stepsOf(each.pitch) === stepsOf(pitch)) === order);
}

/** The hand in which most of the places stand: a position may be called by one name in two places. */
function mostIn(found: readonly Standing[]): number | undefined {
  const times = (stance: number): number => found.filter(({ placement }) => placement.stance === stance).length;
  return found.map(({ placement }) => placement.stance).toSorted((one, other) => times(other) - times(one))[0];
}

/** Where a finger stands in a position: on a note of the key, else beside one that does; null where it does not stand there. */
export function fingerIn(
  ground: Ground,
  stringIndex: number,
  position: string,
  finger: Finger,
): { readonly stands: Standing; readonly inKey: boolean } | null {
  const held = onString(ground, stringIndex, position);
  const own = held.find(({ placement }) => placement.finger === finger);
  if (own) return { stands: own, inKey: true };
  const beside = held.map((each) => besideIn(ground, each, finger)).find((each) => each?.label === position);
  return beside ? { stands: beside, inKey: isInKey(semitonesOf(beside.pitch), ground.key) } : null;
}

/** The note of a finger that is not in the key and is put in, so that the finger occurs. */
export function insertedNote({ placement, pitch, label }: Standing): Alteration {
  return { what: 'note-inserted', finger: placement.finger, pitch: formatPitch(pitch), label };
}
