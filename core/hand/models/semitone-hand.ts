import { type Key, sharpsOrFlats } from '#core/key';
import {
  type Finger,
  inThumbPosition,
  openStop,
  type Placement,
  placementOf,
  rankOf,
  type Shape,
  type StandingHand,
  standingBeside,
  stopOf,
  stopsIn,
  type StringStop,
} from '#core/hand/placement';
import { isAugmentedSecond, remember, type HandSchool, type Frame, type HandModel, type NoteOnString, type PositionName } from '#core/hand';
import { pairsOf } from '#core/hand/together';

/**
 * The families of hands, by the part that stays for a whole stay. On the neck of the cello either the block of 2-3-4 stays and finger 1 may
 * reach back, or finger 1 stays and the block may open forward; where both have moved there is a shift.
 */
const FAMILIES = ['block-stays', 'first-stays', 'three-finger', 'thumb'] as const;

/** The part of a hand that stays. */
export type Family = (typeof FAMILIES)[number];

/** The places that each finger may take, semitones above the anchor, the usual one first. */
export type Offsets = readonly (readonly [Finger, readonly number[]])[];

/**
 * One shape of a hand whose fingers follow the semitone, by the place of each finger above finger 1 (in thumb position, above the thumb).
 */
export interface SemitoneShape {
  /** The shape of the finger that plays. */
  readonly shape: Shape;
  /** The families of hands that have this shape. */
  readonly families: readonly Family[];
  /** The fingers that play in this shape. */
  readonly plays: Offsets;
  /** The place of the second finger on the neck of the cello, and with it of the block of 2-3-4. */
  readonly block?: 1 | 2;
  /** The semitones by which the first finger stands higher at rest: here it has reached back. */
  readonly restsAbove?: number;
  /** Whether the shape is for runs of semitones only. */
  readonly chromatic?: boolean;
  /** The lowest anchor at which the shape is used. */
  readonly lowestAnchor: number;
  /** The highest place at which it is used, semitones above the open string. */
  readonly highestAnchor: number;
  /** The places of the outermost fingers, semitones above the anchor. */
  readonly span: Frame;
}

/** The features that differ between the cello's and the bass's hands. */
export interface SemitoneHandTable {
  /** The school that teaches the hand. */
  readonly school: HandSchool;
  /** Every shape of the hand, the usual one first. */
  readonly shapes: readonly SemitoneShape[];
  /** The names of the position by the place of finger 1, from the first semitone; where two are usual, the sharp key's first. */
  readonly names: readonly (readonly PositionName[])[];
  /** The positions that pupils learn before the others, which follow from the nut up. */
  readonly learnedFirst: readonly string[];
}

/** The name of every place in thumb position: the note under the thumb tells them apart. */
const THUMB: PositionName = { label: 'thumb', alteration: null };

const TONE = 2;

/** The distance of finger 1 above the thumb at home: a tone. */
const FIRST_ABOVE_THUMB = 2;

/** Builds a hand in which the anchor alone is the position: cello and double bass. */
export function semitoneHand(table: SemitoneHandTable): HandModel {
  const { shapes } = table;
  const labels = [...new Set(table.names.flatMap((names) => names.map((name) => name.label)))];
  const thumb = shapes.some((shape) => shape.families.includes('thumb'));
  const namesAt = (placement: Placement, anchor: number): readonly PositionName[] =>
    inThumbPosition(placement) ? [THUMB] : (table.names[anchor - 1] ?? []);
  // Gives the names of a place; an open hand lies in two positions, as one that opens forward from the lower and as one that reaches back
  // from the upper.
  const namesOf = (placement: Placement): readonly PositionName[] => [
    ...namesAt(placement, placement.anchor),
    ...(openPlacesIn(placement) && placement.block !== null ? namesAt(placement, placement.anchor + 1) : []),
  ];
  const hovering = hoveringHands(shapes);
  const placementsOf = remember((note) => shapes.flatMap((shape) => placementsInShape(shape, note)));
  return {
    school: table.school,
    fingers: fingersOf(shapes),
    positionLabels: thumb ? [...labels, THUMB.label] : labels,
    learningOrder: [
      ...table.learnedFirst,
      ...[...labels, ...(thumb ? [THUMB.label] : [])].filter((label) => !table.learnedFirst.includes(label)),
    ],
    highestAnchor: Math.max(...shapes.map((shape) => shape.highestAnchor)),
    placements: placementsOf,
    pairs: (lower, upper) => pairsOf(placementsOf, lower, upper, 'frame'),
    hoverings: (stringIndex, highestAnchor) => {
      const open = openStop(stringIndex);
      return hovering.filter(({ anchor }) => anchor <= highestAnchor).map((hand) => placementOf(open, hand));
    },
    positionName: (placement, key) => nameInKey(namesAt(placement, positionAnchor(placement)), key),
    labelsOf: (placement) => namesOf(placement).map((name) => name.label),
    inOneFrame: () => true,
    comesTo,
    fitsBeside,
    frameOf: (placement) => frameIn(shapes, placement),
    needOf: (placement) => needIn(placement),
    firstToSecond: (placement) => openPlacesIn(placement),
    standsAt: (finger, placement, { stringIndex }) => standsIn(shapes, finger, placement, stringIndex),
    fingerPlace: () => null,
  };
}

function fingersOf(shapes: readonly SemitoneShape[]): readonly Finger[] {
  const set = new Set(shapes.flatMap((shape) => shape.plays.map(([finger]) => finger)));
  const inOrder = [...set].toSorted((one, other) => (rankOf(one) ?? 0) - (rankOf(other) ?? 0));
  return ['0', ...inOrder];
}

function placementsInShape(shape: SemitoneShape, note: NoteOnString): readonly Placement[] {
  if (shape.chromatic === true && !note.chromatic) return [];
  return shape.plays.flatMap(([finger, offsets]) =>
    offsets.flatMap((offset) => {
      const anchor = note.semitonesAboveOpen - offset;
      if (!isUsedAt(shape, anchor)) return [];
      return shape.families.map((family) =>
        placementOf(stopOf(note, finger), { ...handIn(shape, family, anchor), firstFinger: firstFingerIn(family, anchor, finger, offset) }),
      );
    }),
  );
}

/** The fields of a placement that describe its hand, whichever finger plays. */
type HandAt = Omit<StandingHand, 'firstFinger'>;

/** Gives the hand of a shape at an anchor. */
function handIn({ shape, block, restsAbove = 0 }: SemitoneShape, family: Family, anchor: number): HandAt {
  return {
    anchor,
    raised: 0,
    shape,
    block: block === undefined ? null : anchor + block,
    stance: stanceOf(anchor + restsAbove, family),
    letterPosition: null,
  };
}

/** Gives the place of finger 1 in thumb position: a tone or a semitone above the thumb. */
function firstFingerIn(family: Family, anchor: number, finger: Finger, offset: number): number {
  if (family !== 'thumb') return anchor;
  return anchor + (finger === '1' ? offset : FIRST_ABOVE_THUMB);
}

function stanceOf(anchor: number, family: Family): number {
  return anchor * FAMILIES.length + FAMILIES.indexOf(family);
}

/** Tells by its stance whether a placement stands in the thumb's hand or another. */
function familyOf({ stance }: Pick<Placement, 'stance'>): Family {
  return FAMILIES[stance % FAMILIES.length] ?? 'first-stays';
}

/** Lists the hands that hover over an open string: at rest, wherever they may stand. While it sounds they open and close as they like. */
function hoveringHands(shapes: readonly SemitoneShape[]): readonly StandingHand[] {
  return FAMILIES.flatMap((family) => {
    const own = shapes.filter((shape) => shape.families.includes(family));
    const hands = own.flatMap((shape) => placesOf(shape).map((anchor) => handIn(shape, family, anchor)));
    const known = new Set<number>();
    return hands.flatMap((hand): readonly StandingHand[] => {
      if (known.has(hand.stance)) return [];
      known.add(hand.stance);
      const shape: Shape = family === 'thumb' ? 'open-thumb' : 'open';
      return [{ ...hand, shape, firstFinger: firstFingerIn(family, hand.anchor, '0', 0) }];
    });
  });
}

function placesOf({ lowestAnchor, highestAnchor }: SemitoneShape): readonly number[] {
  return Array.from({ length: Math.max(0, highestAnchor - lowestAnchor + 1) }, (_, index) => lowestAnchor + index);
}

/**
 * Chooses among the names of a position by the key: a name with a sharp in sharp keys, one with a flat in flat ones.
 *
 * @throws where there is no name to choose, which is a bug
 */
function nameInKey(names: readonly PositionName[], key: Key): PositionName {
  const flat = sharpsOrFlats(key) === 'flats';
  const name = (flat ? names[names.length - 1] : names[0]) ?? null;
  if (!name) throw new RangeError(`A placement stands at an anchor its hand has no name for (${names.length} names)`);
  return name;
}

/** Gives the anchor that names the position: a first finger that reaches back to the place of half position leaves the hand in first. */
function positionAnchor({ anchor, shape }: Placement): number {
  return shape === 'reached-back' ? Math.max(anchor, FIRST_POSITION) : anchor;
}

/** The place of the first finger in first position. */
const FIRST_POSITION = 2;

/** Finds the shape of a placement; an open string shows the hand that hovers. */
function shapeIn(shapes: readonly SemitoneShape[], { anchor, block, shape: named, ...placement }: Placement): SemitoneShape | undefined {
  const family = familyOf(placement);
  const own = shapes.filter((shape) => shape.families.includes(family) && isUsedAt(shape, anchor));
  return own.find((shape) => shape.shape === named) ?? own.find((shape) => block === null || shape.block === block - anchor);
}

function isUsedAt(shape: SemitoneShape, anchor: number): boolean {
  return anchor >= shape.lowestAnchor && anchor <= shape.highestAnchor;
}

function frameIn(shapes: readonly SemitoneShape[], placement: Placement): Frame {
  const span = shapeIn(shapes, placement)?.span ?? { lowest: 0, highest: 0 };
  return { lowest: placement.anchor + span.lowest, highest: placement.anchor + span.highest };
}

/**
 * Gives the span from the lowest to the highest finger that must stand at once: from the first finger (in thumb position the thumb) to the
 * finger that plays; in an opened hand to the second finger at least, in a rolled hand from where it has rolled to.
 */
function needIn(placement: Placement): Frame {
  const places = stopsIn(placement).map((stop) => stop.semitonesAboveOpen);
  if (places.length === 0) return { lowest: 0, highest: 0 };
  const rests = openPlacesIn(placement) ?? [placement.anchor + (placement.shape === 'pivoted' ? 1 : 0)];
  return { lowest: Math.min(...rests, ...places), highest: Math.max(...rests, ...places) };
}

/**
 * Gives the first of the places that a shape gives a finger on which it can stand beside the fingers that play on its string, else the
 * first; a finger the shape does not set stands nowhere.
 */
function standsIn(shapes: readonly SemitoneShape[], finger: Finger, placement: Placement, stringIndex: number): number | null {
  const offsets = shapeIn(shapes, placement)?.plays.find(([named]) => named === finger)?.[1] ?? [];
  const beside = stopsIn(placement).filter((stop) => stop.stringIndex === stringIndex && stop.finger !== finger);
  const fits = (place: number): boolean =>
    beside.every((stop) => {
      const fingers = (rankOf(finger) ?? 0) - (rankOf(stop.finger) ?? 0);
      return standApart(Math.abs(fingers), (place - stop.semitonesAboveOpen) * Math.sign(fingers));
    });
  const places = offsets.map((offset) => placement.anchor + offset);
  return places.find(fits) ?? places[0] ?? null;
}

/** Tells whether a shape is an open hand of the neck: its first and second finger are a tone apart. */
function openPlacesIn({ block, anchor }: Placement): readonly [number, number] | null {
  return block === anchor + TONE ? [anchor, block] : null;
}

/**
 * Tells whether a hand comes to a note in the same stay. On the neck of the cello the block of 2-3-4 moves while the first finger is down:
 * from one of its own fingers to another it stays where it is. A first finger that has reached back stands there until another finger has
 * played. While an open string sounds the hand opens or closes as it likes.
 */
function comesTo(from: Placement, to: Placement): boolean {
  if (from.block === to.block && from.anchor === to.anchor) return true;
  const [before, after] = [stopsIn(from), stopsIn(to)];
  if (before.length === 0 || after.length === 0) return true;
  const [leavesFirst, takesFirst] = [before, after].map((stops) => stops.some(({ finger }) => finger === '1'));
  if (from.block !== to.block) return leavesFirst === true || takesFirst === true;
  return from.anchor === to.anchor || from.shape !== 'reached-back' || leavesFirst !== true || takesFirst === true;
}

/** The limits of thumb and third finger: an augmented fourth at most, a fifth where the third reaches. */
const THUMB_TO_THIRD = 7;

/**
 * Tells whether fingers fit beside each other above the neck, where they take tones and semitones: neighbours a semitone or a tone apart,
 * first and third a major third at most, thumb and third a fourth, which reaching makes a fifth. On the neck the hand itself sets them.
 */
function fitsBeside(standing: Placement, placed: Placement): boolean {
  const family = familyOf(placed);
  if (family === 'block-stays' || family === 'first-stays') return true;
  return standingBeside(standing, placed).every((one) =>
    stopsIn(placed).every((other) => one.stringIndex !== other.stringIndex || fitOnString(one, other)),
  );
}

function fitOnString(one: StringStop, other: StringStop): boolean {
  const fingers = (rankOf(other.finger) ?? 0) - (rankOf(one.finger) ?? 0);
  if (fingers === 0) return true;
  const count = Math.abs(fingers);
  const semitones = (other.semitonesAboveOpen - one.semitonesAboveOpen) * Math.sign(fingers);
  return standApart(count, semitones) || (count === 1 && isAugmentedSecond(semitones, one, other));
}

/** Tells whether two fingers, a number of fingers apart, may stand a number of semitones apart above the neck. */
function standApart(fingers: number, semitones: number): boolean {
  return semitones >= fingers && semitones <= (MOST_APART[fingers - 1] ?? THUMB_TO_THIRD);
}

/** The largest distances in semitones: between neighbours, and over one finger. */
const MOST_APART = [TONE, 2 * TONE] as const;
