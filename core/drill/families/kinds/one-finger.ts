import { formatKey, keyOfTonic } from '#core/key';
import { formatPitch, type Pitch, pitchAt, semitonesOf, stepsOf, transpose } from '#core/pitch';
import {
  staysInOneHand,
  type Alteration,
  drillBrief,
  type DrillFor,
  type DrillNote,
  type Written,
  drillNoteOf,
  type Ground,
  type Standing,
} from '#core/drill';
import { holdOn, THUMB } from '#core/drill/position';
import { plannedNotes } from '../planned-notes.ts';
import type { FamilyOf } from '../request.ts';
import { asAsked, stringsOf } from '../written.ts';

/**
 * Writes one finger going between its place in the key and the one a semitone beside it, while its neighbours stay where they are. A
 * neighbour that the hand would have to move with it (the block of the cello's hand) is left out.
 */
export function twoPlaces(ground: Ground, player: DrillFor, { position, strings, finger }: FamilyOf<'two-places'>): Written {
  const held = holdOn(ground, position);
  const found = stringsOf(ground, strings).flatMap((string): readonly Moved[] => {
    const onString = held.strings[string] ?? [];
    const own = onString.find(({ placement }) => placement.finger === finger);
    if (!own) return [];
    const neighbours = onString.filter((standing) => standing !== own).toSorted((one, other) => awayFrom(own, one) - awayFrom(own, other));
    const tried = placesBeside(onString, own).flatMap((other): readonly Moved[] => {
      const moved = { ...drillNoteOf(own, EIGHTH), pitches: [formatPitch(other)] };
      const stays = neighbours.filter((neighbour) =>
        isOneHand(player, ground, [drillNoteOf(own, EIGHTH), drillNoteOf(neighbour, EIGHTH), moved]),
      );
      if (position === THUMB && stays[0]?.placement.finger !== 'T') return [];
      const [one, two = one] = stays.slice(0, 2).toSorted((low, high) => semitonesOf(low.pitch) - semitonesOf(high.pitch));
      return one && two ? [{ own, other, moved, one, two }] : [];
    });
    return tried.slice(0, 1);
  });
  const measures = found.map(({ own, moved, one, two }) => {
    const [here, first, second] = [drillNoteOf(own, EIGHTH), drillNoteOf(one, EIGHTH), drillNoteOf(two, EIGHTH)];
    return [first, here, second, here, first, moved, second, moved];
  });
  return { measures, altered: found.map(({ own, other }) => movedNote(own, other)) };
}

/** A finger with both its places and the neighbours that stay. */
interface Moved {
  readonly own: Standing;
  readonly other: Pitch;
  readonly moved: DrillNote;
  readonly one: Standing;
  readonly two: Standing;
}

const EIGHTH = '1/8';

/** Gives the distance of a finger from another, in semitones; the thumb, which carries the hand, is always a neighbour. */
function awayFrom(own: Standing, { placement }: Standing): number {
  return placement.finger === 'T' ? 0 : Math.abs(placement.semitonesAboveOpen - own.placement.semitonesAboveOpen);
}

/** Tells whether notes are played without a shift. */
function isOneHand(player: DrillFor, { key }: Ground, notes: readonly DrillNote[]): boolean {
  return staysInOneHand(drillBrief(player, formatKey(key), notes));
}

/** Lists the places a semitone beside a finger, by the same letter, that its neighbours leave free. */
function placesBeside(held: readonly Standing[], own: Standing): readonly Pitch[] {
  const taken = held.filter((standing) => standing !== own).map(({ pitch }) => semitonesOf(pitch));
  return [-1, 1].flatMap((by) => {
    const pitch = pitchAt(stepsOf(own.pitch), semitonesOf(own.pitch) + by);
    return pitch !== null && Math.abs(pitch.alteration) < 2 && !taken.includes(semitonesOf(pitch)) ? [pitch] : [];
  });
}

function movedNote({ placement, label }: Standing, other: Pitch): Alteration {
  return { what: 'note-inserted', finger: placement.finger, pitch: formatPitch(other), label };
}

/** The fifth degree to the tonic and back as the melodic minor has them, in letters and semitones below the tonic. */
const TOP_OF_MELODIC_MINOR = [
  [3, 5],
  [2, 3],
  [1, 1],
  [0, 0],
  [1, 2],
  [2, 4],
  [3, 5],
] as const;

/** The indexes of the raised and the natural seventh degree. */
const SEVENTHS = [2, 4] as const;

/**
 * Writes the top of the melodic minor wherever one finger plays both sevenths in a position: it is lifted and set again a semitone lower,
 * first by itself as often as is asked (raised, tonic, natural, tonic), then in the line. A major key gives its relative minor.
 */
export function liftAndReplace(ground: Ground, player: DrillFor, { position, times = 0 }: FamilyOf<'lift-and-replace'>): Written {
  const tonic = minorTonic(ground);
  const measures = OCTAVES.flatMap((octave) => {
    const line = TOP_OF_MELODIC_MINOR.map(([letters, semitones]) =>
      transpose({ ...tonic, octave }, { steps: -letters, semitones: -semitones }),
    );
    if (line.includes(null)) return [];
    const pitches = line.flatMap((pitch) => (pitch ? [formatPitch(pitch)] : []));
    const notes = plannedNotes(player, {
      key: ground.key,
      pitches,
      duration: '1/8',
      limits: { positions: [position], shifts: 0 },
    });
    const [raised, natural] = SEVENTHS.map((at) => notes?.[at]);
    const top = notes?.[TONIC];
    if (!notes || !raised || !natural || !top || !sameFinger(raised, natural)) return [];
    const lifted = [raised, top, natural, top];
    return [...Array.from({ length: times / LIFTS_A_MEASURE }, () => [...lifted, ...lifted]), notes];
  });
  return asAsked(measures);
}

/** The index of the tonic between the two sevenths. */
const TONIC = 3;

/** The number of times that a finger is lifted and set again in a measure of eighths. */
const LIFTS_A_MEASURE = 2;

/** The octave numbers that occur on the four instruments. */
const OCTAVES = [1, 2, 3, 4, 5, 6, 7] as const;

function minorTonic({ key }: Ground): Pitch {
  if (key.mode === 'minor') return key.tonic;
  const relative = transpose(key.tonic, { steps: -2, semitones: -3 });
  return relative && keyOfTonic(relative, 'minor') ? relative : key.tonic;
}

function sameFinger(one: DrillNote, other: DrillNote): boolean {
  return (
    !('rest' in one) && !('rest' in other) && one.fingered.finger === other.fingered.finger && one.fingered.string === other.fingered.string
  );
}
