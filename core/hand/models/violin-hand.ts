import {
  openStop,
  type Placement,
  placementOf,
  rankOf,
  type Shape,
  standingBeside,
  stopOf,
  stopsIn,
  type StringStop,
} from '#core/hand/placement';
import { isAugmentedSecond, standApart, type KeyedStrings, rememberInKey, type Frame, type HandModel, type NoteOnString } from '#core/hand';
import { pairsOf } from '#core/hand/together';

/**
 * The hand of violin and viola. Finger 1 to finger 4 at home is a perfect fourth, and each finger keeps a *letter*: the
 * position is the letter under finger 1, counted from the open string, and finger f plays the letter f − 1 above it,
 * sharp or flat. So string, finger and letter tell the position, which is the whole hand. Each finger is measured from the place
 * of the first finger on its own string, as the key of the line puts it: in C major finger 1 is at home low on F of the E string.
 *
 * Two fingers leave the hand where it is, and so the position's name: a first finger reaching back to a raised open-string
 * letter (G♯ on the G string), and a fourth reaching out to the letter beyond its own (C on the E string).
 */

const FINGERS_DOWN = ['1', '2', '3', '4'] as const;

/** A finger of this hand that stops a string. */
type StoppingFinger = (typeof FINGERS_DOWN)[number];

/** The range of each finger below and above the plain first finger in its position: the flats and sharps of its letter. */
const PLACES: Readonly<Record<StoppingFinger, readonly [number, number]>> = {
  '1': [-1, 1],
  '2': [0, 3],
  '3': [1, 5],
  '4': [3, 6],
};

/** The ranges in half position, where the first finger cannot stand lower. */
const PLACES_IN_HALF: Readonly<Record<StoppingFinger, readonly [number, number]>> = {
  '1': [0, 0],
  '2': [1, 2],
  '3': [2, 4],
  '4': [4, 6],
};

/** The plain place of each finger above the plain first finger: "low" and "high" are told from here. */
const PLAIN_PLACES = { '1': 0, '2': 2, '3': 3, '4': 5 } as const;

/** The semitones above the open string at which finger 1 stands in the plain forms of half, first, second … seventh position. */
const PLAIN_ANCHORS: readonly (readonly [number, number])[] = [
  [1, 1],
  [2, 2],
  [3, 4],
  [5, 5],
  [7, 7],
  [8, 9],
  [10, 11],
];

/** The position of the octave harmonic, from which the plain anchors repeat an octave higher. */
const OCTAVE_POSITION = 7;
const HIGHEST_POSITION = 14;

/** The positions that are learnt first: first and third, then half and second; the others follow in their order. */
const LEARNED_FIRST = ['1', '3', 'half', '2'];

/** The distance from first to fourth finger at home: a perfect fourth. */
const HOME_SPAN = 5;

/** The letter steps from the open string to finger 1 in first position. */
const FIRST_POSITION = 1;

/** The distance of a fourth finger that reaches out above the first: a tritone. */
const REACHED_OUT = 6;

/** The widest frame that one hand covers, from a first finger reaching back to a fourth reaching out, semitones. */
const WIDEST_FRAME = 7;

/** The place from which a hand may open a semitone more: seven semitones there are no wider than six of first position. */
const WIDER_FRAME_FROM = 5;

const placementsOf = rememberInKey(placementsOfNote);

/** The violin and viola hand: half position to fourteenth, four fingers, one letter each. */
export const violinHand: HandModel = {
  school: 'standard',
  fingers: ['0', ...FINGERS_DOWN],
  positionLabels: Array.from({ length: HIGHEST_POSITION + 1 }, (_, position) => labelOf(position)),
  learningOrder: [...LEARNED_FIRST, ...Array.from({ length: HIGHEST_POSITION - 3 }, (_, index) => labelOf(index + 4))],
  highestAnchor: plainAnchors(HIGHEST_POSITION)[1],
  placements: placementsOf,
  pairs: (lower, upper, wide) => pairsOf(placementsOf, lower, upper, wide ? 'wide' : 'free'),
  hoverings: (stringIndex, highestAnchor, keyed) =>
    hoveringsOver(stringIndex, keyed).filter((placement) => placement.anchor <= highestAnchor),
  // Names a position. Low and high belong to fingers; only a hand that its first finger has taken up beyond the plain position is itself
  // high.
  positionName: ({ letterPosition, raised, anchor }) => {
    const position = letterPosition ?? 0;
    return { label: labelOf(position), alteration: raised > 0 && anchor > plainAnchors(position)[1] ? 'high' : null };
  },
  labelsOf: (placement) => [labelOf(placement.letterPosition ?? 0)],
  inOneFrame,
  comesTo: () => true,
  fitsBeside: (standing, placed) =>
    standingBeside(standing, placed).every((one) =>
      stopsIn(placed).every((other) => one.stringIndex !== other.stringIndex || fitOnString(standing, one, placed, other)),
    ),
  frameOf: (placement) => {
    const places = stopsIn(placement).map((stop) => stop.semitonesAboveOpen);
    return {
      lowest: Math.min(placement.anchor, ...places),
      highest: Math.max(placement.anchor + (placement.shape === 'chromatic' ? 3 : HOME_SPAN), ...places),
    };
  },
  needOf: (placement) => {
    const stopped = stopsIn(placement).map((stop) => stop.semitonesAboveOpen);
    if (placement.upper) return { lowest: Math.min(...stopped, Infinity), highest: Math.max(...stopped, -Infinity) };
    const resting = restingBeside(placement);
    return { lowest: Math.min(resting, ...stopped), highest: Math.max(resting, ...stopped) };
  },
  firstToSecond: () => null,
  standsAt: (finger, placement, { stringIndex, keyed }) => {
    const rank = rankOf(finger);
    return rank === null || rank === 0 ? null : keyed.placeOf(stringIndex, (placement.letterPosition ?? 0) + rank - 1);
  },
  fingerPlace: (placement) => {
    if (placement.finger === '0' || placement.finger === 'T' || placement.shape === 'chromatic') return null;
    const [low, high] = plainAnchors(placement.letterPosition ?? 0);
    const plain = Math.min(high, Math.max(low, placement.anchor)) + PLAIN_PLACES[placement.finger];
    if (placement.semitonesAboveOpen === plain) return null;
    return placement.semitonesAboveOpen < plain ? 'low' : 'high';
  },
};

/**
 * Finds the nearest finger that rests beside the one that plays: a first finger reaching back leaves the third at home, and the fourth need
 * not be held; a fourth finger at home draws the first no further than a fourth.
 */
function restingBeside({ anchor, shape, semitonesAboveOpen }: Placement): number {
  if (shape === 'reached-back' || shape === 'low-first') return anchor + PLAIN_PLACES['3'];
  return shape === 'home' ? Math.max(anchor, semitonesAboveOpen - HOME_SPAN) : anchor;
}

/**
 * Tells whether two placements lie in one frame; a double stop that reaches beyond the frame by itself (a tenth) is limited by reach alone.
 */
function inOneFrame(one: Placement, other: Placement): boolean {
  const [own, others] = [extentOf(one), extentOf(other)];
  const lowest = Math.min(own.lowest, others.lowest);
  const highest = Math.max(own.highest, others.highest);
  const most = WIDEST_FRAME + (lowest >= WIDER_FRAME_FROM ? 1 : 0);
  return highest - lowest <= most && !((own.reachesBack || others.reachesBack) && (own.reachesOut || others.reachesOut));
}

/** The extent of a placement: its lowest and highest stop (none where it reaches a tenth), and whether a finger leaves its letter. */
interface Extent extends Frame {
  readonly reachesBack: boolean;
  readonly reachesOut: boolean;
}

/** The extents are remembered because they are asked many times for the same placements of a line. */
const extents = new WeakMap<Placement, Extent>();

function extentOf(placement: Placement): Extent {
  const known = extents.get(placement);
  if (known) return known;
  const stops = stopsIn(placement);
  const places = reachesTenth(placement) ? [] : stops.map((stop) => stop.semitonesAboveOpen);
  const extent = {
    lowest: Math.min(...places),
    highest: Math.max(...places),
    reachesBack: stops.some((stop) => reachesBack(placement, stop)),
    reachesOut: stops.some((stop) => reachesOut(placement, stop)),
  };
  extents.set(placement, extent);
  return extent;
}

function reachesTenth(placement: Placement): boolean {
  return placement.upper !== null && Math.abs(placement.upper.semitonesAboveOpen - placement.semitonesAboveOpen) > REACHED_OUT;
}

function placementsOfNote(note: NoteOnString): readonly Placement[] {
  const spelled = note.letterSteps.flatMap((steps) => placementsSpelled(note, steps));
  const known = new Set<string>();
  return [...spelled, ...(note.chromatic ? chromaticPlacements(note) : [])].filter(({ finger, letterPosition }) => {
    const key = `${finger} ${letterPosition}`;
    const isNew = !known.has(key);
    known.add(key);
    return isNew;
  });
}

/** Lists the placements of a note by one of its spellings. */
function placementsSpelled(note: NoteOnString, letterSteps: number): readonly Placement[] {
  const place = note.semitonesAboveOpen;
  const own = FINGERS_DOWN.flatMap((finger) => {
    const position = letterSteps - (Number(finger) - 1);
    return standsIn(position, finger, place) ? [inPosition(note, { finger, position, letterSteps })] : [];
  });
  const back = letterSteps === 0 && place === 1 ? [inPosition(note, { finger: '1', position: 1, letterSteps })] : [];
  const out = reachesOutFrom(note, letterSteps - 4) ? [inPosition(note, { finger: '4', position: letterSteps - 4, letterSteps })] : [];
  return [...own, ...back, ...out];
}

/**
 * Finds where a fourth finger reaches out: a semitone beyond its own letter, and no further than a tritone above the plain first finger.
 */
function reachesOutFrom({ stringIndex, semitonesAboveOpen, keyed }: NoteOnString, position: number): boolean {
  if (position < 1 || position > HIGHEST_POSITION || semitonesAboveOpen > plainAnchors(position)[1] + REACHED_OUT) return false;
  return semitonesAboveOpen === keyed.placeOf(stringIndex, position + 3) + 1;
}

/** Lists the placements of a hand with one finger a semitone, whatever the letters: for runs of semitones only. */
function chromaticPlacements(note: NoteOnString): readonly Placement[] {
  return FINGERS_DOWN.flatMap((finger) => {
    const anchor = note.semitonesAboveOpen - (Number(finger) - 1);
    const position = plainPositionAt(anchor);
    if (position === null) return [];
    const raised = anchor - homeIn(position, note.keyed);
    const hand = { anchor, raised, firstFinger: anchor, block: null, stance: position, letterPosition: position };
    return [placementOf(stopOf(note, finger), { ...hand, shape: 'chromatic' })];
  });
}

/** Finds the position whose plain form has its first finger at an anchor; the lower one where two have. Null behind half position. */
function plainPositionAt(anchor: number): number | null {
  for (let position = 0; position <= HIGHEST_POSITION; position += 1) {
    const [low, high] = plainAnchors(position);
    if (anchor >= low && anchor <= high) return position;
  }
  return null;
}

function inPosition(
  note: NoteOnString,
  { finger, position, letterSteps }: { readonly finger: StoppingFinger; readonly position: number; readonly letterSteps: number },
): Placement {
  const place = note.semitonesAboveOpen;
  const offLetter = letterSteps !== position + Number(finger) - 1;
  const home = firstIn(position, note);
  const ownFirst = finger === '1' && !offLetter;
  // Takes the hand up with a first finger above its home.
  const raised = ownFirst ? Math.max(0, place - home) : 0;
  // In a run of semitones a note may be fingered by its other name; it is still spelled as it is written.
  return placementOf(stopOf(note, finger, note.chromatic ? note.letterSteps[0] : letterSteps), {
    anchor: home + raised,
    raised,
    firstFinger: ownFirst ? place : home,
    shape: offLetter ? OFF_LETTER[finger] : shapeOf(note, finger, position),
    block: null,
    stance: position,
    letterPosition: position,
  });
}

/** The shape of a finger beside its own letter: the first reaches back, the fourth out; the others never leave theirs. */
const OFF_LETTER = { '1': 'reached-back', '2': 'home', '3': 'home', '4': 'reached-out' } as const satisfies Record<StoppingFinger, Shape>;

/** Finds the home of finger 1 on a string: in half position on the first semitone, elsewhere where the key has its letter. */
function firstIn(position: number, { stringIndex, keyed }: Pick<NoteOnString, 'stringIndex' | 'keyed'>): number {
  return position === 0 ? 1 : Math.max(1, keyed.placeOf(stringIndex, position));
}

/** Finds the home of finger 1 on most strings: a hand with one finger a semitone lies level on all. */
function homeIn(position: number, keyed: KeyedStrings): number {
  return position === 0 ? 1 : keyed.homeOf(position);
}

/**
 * Finds the shape of a finger on its own letter. The first is at home where the key has it on this string; the others are measured from
 * there, and at most from where the hand stands on most strings: a high first finger does not take them up with it. Low first fingers do
 * not take the fourth down: a fifth above the open string it is at home in first position, whatever the key.
 */
function shapeOf(note: NoteOnString, finger: StoppingFinger, position: number): Shape {
  const place = note.semitonesAboveOpen;
  const first = firstIn(position, note);
  if (finger === '1') return place >= first ? 'home' : position > FIRST_POSITION ? 'reached-back' : 'low-first';
  const [plainLow, plainHigh] = plainAnchors(position);
  const handHome = Math.max(homeIn(position, note.keyed), plainLow, Math.min(first, plainHigh));
  if (finger === '4' && place > handHome + HOME_SPAN) return 'reached-forward';
  return place - Math.min(first, handHome) < LEAST_ABOVE_FIRST[finger] ? 'drawn-in' : 'home';
}

/** The least distance of a finger above the first, semitones; a nearer one is drawn in. */
const LEAST_ABOVE_FIRST = { '2': 1, '3': 3, '4': HOME_SPAN } as const;

function standsIn(position: number, finger: StoppingFinger, place: number): boolean {
  if (position < 0 || position > HIGHEST_POSITION) return false;
  const [low, high] = plainAnchors(position);
  const [least, most] = (position === 0 ? PLACES_IN_HALF : PLACES)[finger];
  return place >= Math.max(1, low + least) && place <= high + most;
}

function plainAnchors(position: number): readonly [number, number] {
  if (position < OCTAVE_POSITION) return PLAIN_ANCHORS[position] ?? [1, 1];
  const octave = Math.floor(position / OCTAVE_POSITION);
  const [low, high] = position % OCTAVE_POSITION === 0 ? [0, 0] : plainAnchors(position % OCTAVE_POSITION);
  return [low + 12 * octave, high + 12 * octave];
}

function fitOnString(standing: Placement, one: StringStop, placed: Placement, other: StringStop): boolean {
  const fingers = (rankOf(other.finger) ?? 0) - (rankOf(one.finger) ?? 0);
  const count = Math.abs(fingers);
  if (count === 0) return true;
  const semitones = (other.semitonesAboveOpen - one.semitonesAboveOpen) * Math.sign(fingers);
  if (standApart(count, semitones, Math.min(one.semitonesAboveOpen, other.semitonesAboveOpen))) return true;
  // A fourth finger that reaches out leaves the others a semitone further behind.
  if (reachesOut(standing, one) || reachesOut(placed, other)) return count < 3 && standApart(count, semitones - 1, 0);
  return count === 1 && isAugmentedSecond(semitones, one, other);
}

/** Tells whether a first finger reaches back from where the hand has it; in a chromatic hand letters bind no finger. */
function reachesBack({ shape, firstFinger }: Placement, { finger, semitonesAboveOpen }: StringStop): boolean {
  return shape !== 'chromatic' && finger === '1' && semitonesAboveOpen !== firstFinger;
}

/** Tells whether a fourth finger plays the letter beyond its own. */
function reachesOut({ shape }: Placement, { finger }: StringStop): boolean {
  return shape === 'reached-out' && finger === '4';
}

/** Lists the hands over the open strings of a key; they are asked for at every open string of a line. */
const hoveringsInKey = new WeakMap<KeyedStrings, Map<number, readonly Placement[]>>();

function hoveringsOver(stringIndex: number, keyed: KeyedStrings): readonly Placement[] {
  const byString = hoveringsInKey.get(keyed) ?? new Map<number, readonly Placement[]>();
  hoveringsInKey.set(keyed, byString);
  const known = byString.get(stringIndex);
  if (known) return known;
  const hovering = Array.from({ length: HIGHEST_POSITION + 1 }, (_, position) => {
    const home = firstIn(position, { stringIndex, keyed });
    const hand = { anchor: home, raised: 0, firstFinger: home, block: null, stance: position, letterPosition: position };
    return placementOf(openStop(stringIndex), { ...hand, shape: 'open' });
  });
  byString.set(stringIndex, hovering);
  return hovering;
}

function labelOf(position: number): string {
  return position === 0 ? 'half' : String(position);
}
