import type { Finger } from '#core/hand/placement';
import {
  type Alteration,
  type DrillNote,
  type Written,
  besideIn,
  drillNoteOf,
  fingersOf,
  type Ground,
  type Standing,
  stringNamed,
} from '#core/drill';
import { formatPitch, semitonesOf } from '#core/pitch';
import { isInKey } from '#core/key';
import { stringOf } from '#core/instrument';
import { type Held, type HeldNote, THUMB } from '#core/drill/position';

/** Wraps measures of which nothing had to be altered. */
export function asAsked(measures: Written['measures']): Written {
  return { measures, altered: [] };
}

/** Finds the indexes of strings by their open notes, documents' form; those that the instrument does not have are left out. */
export function stringsOf({ instrument }: Ground, opens: readonly string[]): readonly number[] {
  return opens.map((open) => stringNamed(instrument, open)).filter((string) => string >= 0);
}

/** Makes a rest; its length is a share of a whole note. */
export function rest(duration = '1/4'): DrillNote {
  return { rest: true, duration };
}

/** A finger in a position. */
export interface FingerHere {
  /** Whether the finger stands there. */
  readonly stands: Standing;
  /** Whether its note is in the key. */
  readonly inKey: boolean;
}

/** Finds where a finger stands in a position: on a note of the key, else beside one that does; null where it does not stand there. */
export function fingerIn(ground: Ground, { strings, position }: Held, stringIndex: number, finger: Finger): FingerHere | null {
  const onString = strings[stringIndex] ?? [];
  const own = onString.find(({ placement }) => placement.finger === finger);
  if (own) return { stands: own, inKey: true };
  const beside = onString.map((standing) => besideIn(ground, standing, finger)).find((standing) => standing?.label === position);
  return beside ? { stands: beside, inKey: isInKey(semitonesOf(beside.pitch), ground.key) } : null;
}

/** Lists the fingers that are set in a position, from the lowest: in thumb position the thumb comes first. */
export function fingersAt(ground: Ground, position: string): readonly Finger[] {
  return position === THUMB ? THUMB_FINGERS : fingersOf(ground.hand);
}

const THUMB_FINGERS = ['T', '1', '2', '3'] as const;

/** Gives a note that a position holds as a drill has it; its length is a share of a whole note. */
export function heldNote({ instrument }: Ground, { pitch, stringIndex, standing }: HeldNote, duration = '1/4'): DrillNote {
  if (standing) return drillNoteOf(standing, duration);
  return { pitches: [formatPitch(pitch)], fingered: { string: stringOf(instrument, stringIndex).name, finger: '0' }, duration };
}

/** Lists the notes that were put in for some fingers, each once. */
export function insertedNotes(fingers: readonly FingerHere[]): readonly Alteration[] {
  const inserted = fingers.filter(({ inKey }) => !inKey).map(({ stands }) => insertedNote(stands));
  const names = inserted.map((alteration) => JSON.stringify(alteration));
  return inserted.filter((_, order) => names.indexOf(names[order] ?? '') === order);
}

/** Reports that the note of a finger is not in the key and is put in, so that the finger occurs. */
function insertedNote({ placement, pitch, label }: Standing): Alteration {
  return { what: 'note-inserted', finger: placement.finger, pitch: formatPitch(pitch), label };
}
