import { readPlayer, type Task } from '#core/brief';
import { type Finger, inThumbPosition, type Placement } from '#core/hand/placement';
import { type HandModel, keyedStrings, type KeyedStrings, type NoteOnString } from '#core/hand';
import { presetHand } from '#core/hand/reach';
import { type Instrument, stringOf } from '#core/instrument';
import { withinReach } from '#core/search/candidates';
import { formatPitch, type Pitch, stepsOf } from '#core/pitch';
import { isInKey, type Key, parseKey, pitchInKey } from '#core/key';
import { goodReading, type Reading } from '#core/result';
import type { DrillFor, DrillNote } from './drill.ts';

/** The ground on which drills are looked for: an instrument in a key, under a hand. */
export interface Ground extends Pick<Task, 'instrument' | 'hand' | 'playerHand' | 'doubleStopHand'> {
  /** The key, which names the notes. */
  readonly key: Key;
  /** The places at which the key puts the letters on the strings. */
  readonly keyed: KeyedStrings;
}

/** Reads the player, the instrument, and a key (documents' form). */
export function groundOf(player: DrillFor, keyText: string): Reading<Ground> {
  const read = readPlayer(player);
  if (!read.ok) return read;
  const key = parseKey(keyText);
  if (!key.ok) return key;
  const { instrument, hand, playerHand } = read.value;
  const doubleStopHand = playerHand ?? presetHand('large', instrument);
  return goodReading({ instrument, hand, playerHand, doubleStopHand, key: key.value, keyed: keyedStrings(instrument, key.value) });
}

/** One finger on one note of a string, in one hand. */
export interface Standing {
  /** The sounding pitch. */
  readonly pitch: Pitch;
  /** The open note of its string, documents' form. */
  readonly string: string;
  /** The placement of the hand that plays it. */
  readonly placement: Placement;
  /** The index of its position among those of the school. */
  readonly position: number;
  /** The name of its position. */
  readonly label: string;
}

/** Lists every place where a finger plays a note of the key on a string, from the nut up; hands at rest come before those that reach. */
export function standingsOf(ground: Ground, stringIndex: number, finger: Finger): readonly Standing[] {
  return notesInKey(ground, stringIndex).flatMap(({ pitch, note }) => {
    const found = ground.hand.placements(note).filter((placement) => placement.finger === finger && isTaken(ground, placement));
    return found.toSorted((one, other) => rest(one) - rest(other)).map((placement) => standing(ground, pitch, placement));
  });
}

/** Gives the hand of a placement with another finger of it, where that plays a note outside the key; null where it does not stand there. */
export function besideIn(ground: Ground, { placement }: Standing, finger: Finger): Standing | null {
  const { stringIndex } = placement;
  const semitones = ground.hand.standsAt(finger, placement, { stringIndex, keyed: ground.keyed });
  if (semitones === null || semitones < 1 || semitones > ground.instrument.highestSemitone) return null;
  const { pitch, note } = noteAt(ground, stringIndex, semitones);
  const found = ground.hand
    .placements(note)
    .find((value) => value.finger === finger && value.stance === placement.stance && isTaken(ground, value));
  return found ? standing(ground, pitch, found) : null;
}

/** Tells whether a hand may stand so in a drill: one note, within this player's reach. */
function isTaken(ground: Ground, placement: Placement): boolean {
  return placement.upper === null && placement.anchor <= ground.hand.highestAnchor && withinReach({ ...ground, limits: [] }, placement);
}

/** Lists the notes of the key on a string, the open string left out. */
function notesInKey(ground: Ground, stringIndex: number): readonly { readonly pitch: Pitch; readonly note: NoteOnString }[] {
  const open = stringOf(ground.instrument, stringIndex).semitones;
  const places = Array.from({ length: ground.instrument.highestSemitone }, (_, above) => above + 1);
  return places.filter((above) => isInKey(open + above, ground.key)).map((above) => noteAt(ground, stringIndex, above));
}

function noteAt(
  { instrument, key, keyed }: Ground,
  stringIndex: number,
  semitonesAboveOpen: number,
): { readonly pitch: Pitch; readonly note: NoteOnString } {
  const string = stringOf(instrument, stringIndex);
  const pitch = pitchInKey(string.semitones + semitonesAboveOpen, key);
  const letterSteps = [stepsOf(pitch) - stepsOf(string.open)];
  return { pitch, note: { stringIndex, semitonesAboveOpen, letterSteps, chromatic: false, keyed } };
}

function standing({ instrument, hand, key }: Ground, pitch: Pitch, placement: Placement): Standing {
  const { label } = hand.positionName(placement, key);
  const string = stringOf(instrument, placement.stringIndex).name;
  return { pitch, string, placement, label, position: hand.positionLabels.indexOf(label) };
}

/** Hands at rest come before those that reach. */
function rest({ shape }: Placement): number {
  return shape === 'home' || shape === 'three-finger' || shape === 'thumb' ? 0 : 1;
}

/** Tells whether the thumb is set. */
export function isOnThumb({ placement }: Standing): boolean {
  return inThumbPosition(placement);
}

/** Finds the index of a string by its open note, documents' form; -1 where there is none. */
export function stringNamed({ strings }: Instrument, open: string): number {
  return strings.findIndex(({ name }) => name === open);
}

/** Counts the letters from the sound of one standing to that of another. */
export function lettersBetween(from: Standing, to: Standing): number {
  return stepsOf(to.pitch) - stepsOf(from.pitch);
}

/** Writes the note of a standing as a drill has it, a quarter long unless another length (of a whole note) is given. */
export function drillNoteOf({ pitch, string, placement, label }: Standing, duration = '1/4'): DrillNote {
  return { pitches: [formatPitch(pitch)], fingered: { string, finger: placement.finger, position: label }, duration };
}

/** Lists the fingers a school sets down, from the first to the last. */
export function fingersOf({ fingers }: Pick<HandModel, 'fingers'>): readonly Finger[] {
  return fingers.filter((finger) => finger !== '0' && finger !== 'T');
}
