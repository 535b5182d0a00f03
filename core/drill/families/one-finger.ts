import { formatPitch, keyOfTonic, type Pitch, pitchAt, semitonesOf, stepsOf, transposedBy } from '#core/pitch';
import type { Alteration, DrillFor, DrillNote, Written } from '../drill.ts';
import { fingered, type Ground, type Standing, stringNamed } from '../standings.ts';
import { plannedNotes } from './planned-notes.ts';
import type { FamilyOf } from './request.ts';
import { asAsked, onString } from './written.ts';

/** One finger goes between its place in the key and the one a semitone beside it; its neighbours stay where they are. */
export function twoPlaces(ground: Ground, { position, strings, finger }: FamilyOf<'two-places'>): Written {
  const found = strings
    .map((open) => stringNamed(ground.instrument, open))
    .flatMap((string) => {
      const held = onString(ground, string, position);
      const own = held.find(({ placement }) => placement.finger === finger);
      const other = own ? besidePlace(held, own) : null;
      const [one, two] = held.filter((each) => each !== own);
      return own && other && one ? [{ own, other, one, two: two ?? one }] : [];
    });
  const measures = found.map(({ own, other, one, two }) => {
    const moved: DrillNote = { ...fingered(own, '1/8'), pitches: [formatPitch(other)] };
    const [low, high, first, second] = [fingered(own, '1/8'), moved, fingered(one, '1/8'), fingered(two, '1/8')];
    return [first, low, second, low, first, high, second, high];
  });
  return { measures, altered: found.map(({ own, other }) => movedNote(own, other)) };
}

/** The place a semitone beside a finger, by the same letter, that its neighbours leave free. */
function besidePlace(held: readonly Standing[], own: Standing): Pitch | null {
  const taken = held.filter((each) => each !== own).map(({ pitch }) => semitonesOf(pitch));
  const tried = [-1, 1].map((by) => pitchAt(stepsOf(own.pitch), semitonesOf(own.pitch) + by));
  return tried.find((pitch) => pitch !== null && Math.abs(pitch.alteration) < 2 && !taken.includes(semitonesOf(pitch))) ?? null;
}

function movedNote({ placement, label }: Standing, other: Pitch): Alteration {
  return { what: 'note-inserted', finger: placement.finger, pitch: formatPitch(other), label };
}

/** The fifth degree to the tonic and back as the melodic minor has them: letters and semitones below the tonic. */
const TOP_OF_MELODIC_MINOR = [
  [3, 5],
  [2, 3],
  [1, 1],
  [0, 0],
  [1, 2],
  [2, 4],
  [3, 5],
] as const;

/** Where the seventh degree is raised, and where it is not. */
const SEVENTHS = [2, 4] as const;

/**
 * The top of the melodic minor wherever one finger plays both sevenths in a position: it is lifted and set again a semitone
 * lower. In a major key its relative minor is taken.
 */
export function liftAndReplace(ground: Ground, player: DrillFor, { position }: FamilyOf<'lift-and-replace'>): Written {
  const tonic = minorTonic(ground);
  const measures = OCTAVES.flatMap((octave) => {
    const line = TOP_OF_MELODIC_MINOR.map(([letters, semitones]) =>
      transposedBy({ ...tonic, octave }, { steps: -letters, semitones: -semitones }),
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
    return notes && raised && natural && sameFinger(raised, natural) ? [notes] : [];
  });
  return asAsked(measures);
}

/** Octaves of pitches on the four instruments. */
const OCTAVES = [1, 2, 3, 4, 5, 6, 7] as const;

function minorTonic({ key }: Ground): Pitch {
  if (key.mode === 'minor') return key.tonic;
  const relative = transposedBy(key.tonic, { steps: -2, semitones: -3 });
  return relative && keyOfTonic(relative, 'minor') ? relative : key.tonic;
}

function sameFinger(one: DrillNote, other: DrillNote): boolean {
  return (
    !('rest' in one) && !('rest' in other) && one.fingered.finger === other.fingered.finger && one.fingered.string === other.fingered.string
  );
}
