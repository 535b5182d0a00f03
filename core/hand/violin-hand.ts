import { pairsOf } from './pairs.ts';
import { type Finger, type HandModel, type NoteOnString, type Placement, rankOf, type Shape, stopAt } from './types.ts';

/**
 * The hand of violin and viola. Finger 1 to finger 4 at home is a perfect fourth, and each finger keeps a *letter*: the
 * position is the letter under finger 1, counted from the open string, and finger f plays the letter f − 1 above it,
 * sharp or flat. So a placement has two coordinates: the letter position, which players name, and the anchor in
 * semitones, where finger 1 is at home. They move apart by at most a semitone from the position's plain form
 * ("low first": A♭ major in first position has its first finger a semitone low on every string).
 */

interface Reach {
  readonly semitones: number;
  readonly shape: Shape;
}

/** Where each finger may stand above the anchor. Tones and semitones between neighbours; 1–4 a fourth at home. */
const REACHES: readonly (readonly [Finger, readonly Reach[]])[] = [
  ['1', [at(0, 'home'), at(-1, 'reached-back')]],
  ['2', [at(2, 'home'), at(1, 'home')]],
  ['3', [at(3, 'home'), at(4, 'home'), at(2, 'drawn-in')]],
  ['4', [at(5, 'home'), at(4, 'drawn-in'), at(6, 'reached-forward')]],
];

/** One finger a semitone: a shape for runs of semitones only, in which letters do not bind the fingers. */
const CHROMATIC_REACHES: readonly (readonly [Finger, number])[] = [
  ['1', 0],
  ['2', 1],
  ['3', 2],
  ['4', 3],
];

/** Where each finger stands above the plain first finger when nothing is said of it: "low" and "high" are told from here. */
const PLAIN_PLACES = { '1': 0, '2': 2, '3': 3, '4': 5 } as const;

/** Semitones above the open string at which finger 1 stands in the plain forms of half, first, second … seventh position. */
const PLAIN_ANCHORS: readonly (readonly [number, number])[] = [
  [1, 1],
  [2, 2],
  [3, 4],
  [5, 5],
  [7, 7],
  [8, 9],
  [10, 11],
];

/** Position of the octave harmonic: from here the plain anchors repeat an octave higher. */
const OCTAVE_POSITION = 7;
const HIGHEST_POSITION = 14;

/** First to fourth finger at home: a perfect fourth. */
const HOME_SPAN = 5;

/** The violin and viola hand: half position to fourteenth, four fingers, one letter each. */
export const violinHand: HandModel = {
  school: 'standard',
  fingers: ['0', '1', '2', '3', '4'],
  positionLabels: Array.from({ length: HIGHEST_POSITION + 1 }, (_, position) => labelOf(position)),
  highestAnchor: plainAnchors(HIGHEST_POSITION)[1],
  placements: placementsOf,
  pairs: (lower, upper) => pairsOf(placementsOf, lower, upper, 'free'),
  hoverings: (stringIndex, highestAnchor) =>
    Array.from({ length: HIGHEST_POSITION + 1 }, (_, position) => hovering(stringIndex, position)).filter(
      (placement) => placement.anchor <= highestAnchor,
    ),
  positionName: (placement) => {
    const position = placement.letterPosition ?? 0;
    const [low, high] = plainAnchors(position);
    const alteration = placement.anchor < low ? 'low' : placement.anchor > high ? 'high' : null;
    return { label: labelOf(position), alteration };
  },
  labelsOf: (placement) => [labelOf(placement.letterPosition ?? 0)],
  isShift: (from, to) => from.letterPosition !== to.letterPosition,
  frameOf: (placement) => ({
    lowest: Math.min(placement.anchor, ...stoppedPlaces(placement)),
    highest: Math.max(placement.anchor + (placement.shape === 'chromatic' ? 3 : HOME_SPAN), ...stoppedPlaces(placement)),
  }),
  firstFingerAt: (placement) => placement.anchor,
  needOf: (placement) => {
    const stopped = stoppedPlaces(placement);
    if (placement.upper) return { lowest: Math.min(...stopped, Infinity), highest: Math.max(...stopped, -Infinity) };
    // A first finger reaching back leaves the third at home; the fourth need not be held.
    const resting = placement.anchor + (placement.shape === 'reached-back' ? PLAIN_PLACES['3'] : 0);
    return { lowest: Math.min(resting, ...stopped), highest: Math.max(resting, ...stopped) };
  },
  firstToSecond: () => null,
  standsAt: (finger, placement, inKey) => {
    const rank = rankOf(finger);
    return rank === null || rank === 0 ? null : inKey((placement.letterPosition ?? 0) + rank - 1);
  },
  fingerPlace: (placement) => {
    if (placement.finger === '0' || placement.finger === 'T' || placement.shape === 'chromatic') return null;
    const [low, high] = plainAnchors(placement.letterPosition ?? 0);
    const plain = Math.min(high, Math.max(low, placement.anchor)) + PLAIN_PLACES[placement.finger];
    if (placement.semitonesAboveOpen === plain) return null;
    return placement.semitonesAboveOpen < plain ? 'low' : 'high';
  },
};

function placementsOf(note: NoteOnString): readonly Placement[] {
  const spelled = note.letterSteps.flatMap((steps) => placementsSpelled(note, steps));
  if (!note.chromatic) return spelled;
  const known = new Set(spelled.map((placement) => `${placement.finger} ${placement.anchor} ${placement.letterPosition}`));
  const further = CHROMATIC_REACHES.flatMap(([finger, semitones]) => {
    const anchor = note.semitonesAboveOpen - semitones;
    const position = plainPositionAt(anchor);
    if (position === null || known.has(`${finger} ${anchor} ${position}`)) return [];
    return [placed(note, finger, { anchor, shape: 'chromatic', letterPosition: position })];
  });
  return [...spelled, ...further];
}

/** The position whose plain form has its first finger at an anchor; the lower one where two have. Null behind half position. */
function plainPositionAt(anchor: number): number | null {
  for (let position = 0; position <= HIGHEST_POSITION; position += 1) {
    const [low, high] = plainAnchors(position);
    if (anchor >= low && anchor <= high) return position;
  }
  return null;
}

function placed(note: NoteOnString, finger: Finger, hand: Pick<Placement, 'anchor' | 'shape' | 'letterPosition'>): Placement {
  return { ...stopAt(note.stringIndex, finger, note.semitonesAboveOpen), ...hand, upper: null };
}

function stoppedPlaces(placement: Placement): readonly number[] {
  const stops = placement.upper ? [placement, placement.upper] : [placement];
  return stops.flatMap((stop) => (stop.finger === '0' ? [] : [stop.semitonesAboveOpen]));
}

function placementsSpelled(note: NoteOnString, letterSteps: number): readonly Placement[] {
  return REACHES.flatMap(([finger, reaches]) =>
    reaches.flatMap((reach) => {
      const anchor = note.semitonesAboveOpen - reach.semitones;
      const position = letterPositionOf(letterSteps, finger, anchor, reach);
      if (!standsIn(position, anchor)) return [];
      return [placed(note, finger, { anchor, shape: reach.shape, letterPosition: position })];
    }),
  );
}

/** A first finger reaching back to a raised open-string letter (G♯ on the G string) leaves the hand in first position. */
function letterPositionOf(letterSteps: number, finger: Finger, anchor: number, reach: Reach): number {
  const position = letterSteps - (Number(finger) - 1);
  return position === 0 && reach.shape === 'reached-back' && anchor === 2 ? 1 : position;
}

/** The anchor may lie a semitone below or above the plain form; half position has one form only. */
function standsIn(position: number, anchor: number): boolean {
  if (position < 0 || position > HIGHEST_POSITION || anchor < 1) return false;
  const [low, high] = plainAnchors(position);
  return position === 0 ? anchor === 1 : anchor >= low - 1 && anchor <= high + 1;
}

function plainAnchors(position: number): readonly [number, number] {
  if (position < OCTAVE_POSITION) return PLAIN_ANCHORS[position] ?? [1, 1];
  const octave = Math.floor(position / OCTAVE_POSITION);
  const [low, high] = position % OCTAVE_POSITION === 0 ? [0, 0] : plainAnchors(position % OCTAVE_POSITION);
  return [low + 12 * octave, high + 12 * octave];
}

function hovering(stringIndex: number, position: number): Placement {
  const anchor = plainAnchors(position)[1];
  return { ...stopAt(stringIndex, '0', 0), anchor, shape: 'open', letterPosition: position, upper: null };
}

function labelOf(position: number): string {
  return position === 0 ? 'half' : String(position);
}

function at(semitones: number, shape: Shape): Reach {
  return { semitones, shape };
}
