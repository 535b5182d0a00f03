import { type Key, sharpsOrFlats } from '#core/key';
import {
  isAugmentedSecond,
  remembered,
  type HandSchool,
  type Finger,
  type Frame,
  type HandModel,
  inThumbPosition,
  type NoteOnString,
  openStop,
  type Placement,
  placementOf,
  type PositionName,
  rankOf,
  type Shape,
  type StandingHand,
  standingBeside,
  stopOf,
  stopsIn,
  type StringStop,
} from '#core/hand';
import { pairsOf } from '#core/hand/together';

/**
 * A hand is told by what stays for a whole stay. On the neck of the cello either the block of 2-3-4 stays and finger 1 may reach
 * back, or finger 1 stays and the block may open forward; where both have moved there is a shift.
 */
const FAMILIES = ['block-stays', 'first-stays', 'three-finger', 'thumb'] as const;

/** The part of a hand that stays. */
export type Family = (typeof FAMILIES)[number];

/** By finger, the places it may take, semitones above the anchor; the usual one first. */
export type Offsets = readonly (readonly [Finger, readonly number[]])[];

/** One shape of a hand whose fingers follow the semitone: where each finger stands above finger 1 (in thumb position the thumb). */
export interface SemitoneShape {
  /** What the finger that plays does. */
  readonly shape: Shape;
  /** The hands that have it. */
  readonly families: readonly Family[];
  /** The fingers that play in this shape. */
  readonly plays: Offsets;
  /** The neck of the cello: where the second finger stands, and with it the block of 2-3-4. */
  readonly block?: 1 | 2;
  /** At rest the first finger stands so many semitones higher: it has reached back. */
  readonly restsAbove?: number;
  /** For runs of semitones only. */
  readonly chromatic?: boolean;
  /** Anchors at which the shape is used, both inclusive. */
  readonly lowestAnchor: number;
  /** Up to here it is used, semitones above the open string. */
  readonly highestAnchor: number;
  /** Semitones of the outermost fingers above the anchor. */
  readonly span: Frame;
}

/** What tells the cello's and the bass's hands apart from each other. */
export interface SemitoneHandTable {
  /** The school that teaches it. */
  readonly school: HandSchool;
  /** Every shape of the hand, the usual one first. */
  readonly shapes: readonly SemitoneShape[];
  /** Names of the position by the place of finger 1, from the first semitone; where two are usual, the sharp key's first. */
  readonly names: readonly (readonly PositionName[])[];
  /** The positions that pupils learn before the others, which follow from the nut up. */
  readonly learnedFirst: readonly string[];
}

/** Name of every place in thumb position: the note under the thumb tells them apart. */
const THUMB: PositionName = { label: 'thumb', alteration: null };

const TONE = 2;

/** Finger 1 stands a tone above the thumb at home. */
const FIRST_ABOVE_THUMB = 2;

/** A hand in which the anchor alone is the position: cello and double bass. */
export function semitoneHand(table: SemitoneHandTable): HandModel {
  const { shapes } = table;
  const labels = [...new Set(table.names.flatMap((names) => names.map((name) => name.label)))];
  const thumb = shapes.some((shape) => shape.families.includes('thumb'));
  const namesAt = (placement: Placement, anchor: number): readonly PositionName[] =>
    inThumbPosition(placement) ? [THUMB] : (table.names[anchor - 1] ?? []);
  // An open hand lies in two positions, as one that opens forward from the lower and as one that reaches back from the upper.
  const namesOf = (placement: Placement): readonly PositionName[] => [
    ...namesAt(placement, placement.anchor),
    ...(openedIn(placement) && placement.block !== null ? namesAt(placement, placement.anchor + 1) : []),
  ];
  const hovering = hoveringHands(shapes);
  const placementsOf = remembered((note) => shapes.flatMap((shape) => placementsInShape(shape, note)));
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
    firstToSecond: (placement) => openedIn(placement),
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
      if (!usedAt(shape, anchor)) return [];
      return shape.families.map((family) =>
        placementOf(stopOf(note, finger), { ...handIn(shape, family, anchor), firstFinger: firstFingerIn(family, anchor, finger, offset) }),
      );
    }),
  );
}

/** What a placement says of its hand, whichever finger plays. */
type HandAt = Omit<StandingHand, 'firstFinger'>;

/** The hand of a shape at an anchor. */
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

/** In thumb position finger 1 stands a tone or a semitone above the thumb. */
function firstFingerIn(family: Family, anchor: number, finger: Finger, offset: number): number {
  if (family !== 'thumb') return anchor;
  return anchor + (finger === '1' ? offset : FIRST_ABOVE_THUMB);
}

function stanceOf(anchor: number, family: Family): number {
  return anchor * FAMILIES.length + FAMILIES.indexOf(family);
}

/** Whether a placement stands in the thumb's hand or another, told by its stance. */
function familyOf({ stance }: Pick<Placement, 'stance'>): Family {
  return FAMILIES[stance % FAMILIES.length] ?? 'first-stays';
}

/** The hands that hover over an open string: at rest, wherever they may stand. While it sounds they open and close as they like. */
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

function nameInKey(names: readonly PositionName[], key: Key): PositionName {
  const flat = sharpsOrFlats(key) === 'flats';
  const name = (flat ? names[names.length - 1] : names[0]) ?? null;
  if (!name) throw new RangeError(`A placement stands at an anchor its hand has no name for (${names.length} names)`);
  return name;
}

/** A first finger that reaches back to the place of half position leaves the hand in first. */
function positionAnchor({ anchor, shape }: Placement): number {
  return shape === 'reached-back' ? Math.max(anchor, FIRST_POSITION) : anchor;
}

/** Place of the first finger in first position. */
const FIRST_POSITION = 2;

/** The shape of a placement; an open string shows the hand that hovers. */
function shapeIn(shapes: readonly SemitoneShape[], { anchor, block, shape: named, ...placement }: Placement): SemitoneShape | undefined {
  const family = familyOf(placement);
  const own = shapes.filter((shape) => shape.families.includes(family) && usedAt(shape, anchor));
  return own.find((shape) => shape.shape === named) ?? own.find((shape) => block === null || shape.block === block - anchor);
}

function usedAt(shape: SemitoneShape, anchor: number): boolean {
  return anchor >= shape.lowestAnchor && anchor <= shape.highestAnchor;
}

function frameIn(shapes: readonly SemitoneShape[], placement: Placement): Frame {
  const span = shapeIn(shapes, placement)?.span ?? { lowest: 0, highest: 0 };
  return { lowest: placement.anchor + span.lowest, highest: placement.anchor + span.highest };
}

/**
 * From the lowest to the highest finger that must stand at once: from the first finger (in thumb position the thumb) to the
 * finger that plays; of an opened hand to the second finger at least, of a rolled hand from where it has rolled to.
 */
function needIn(placement: Placement): Frame {
  const places = stopsIn(placement).map((stop) => stop.semitonesAboveOpen);
  if (places.length === 0) return { lowest: 0, highest: 0 };
  const rests = openedIn(placement) ?? [placement.anchor + (placement.shape === 'pivoted' ? 1 : 0)];
  return { lowest: Math.min(...rests, ...places), highest: Math.max(...rests, ...places) };
}

/**
 * The first of the places a shape gives a finger that it can stand on beside the fingers that play on its string, else the
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

/** An open hand of the neck has its first and second finger a tone apart. */
function openedIn({ block, anchor }: Placement): readonly [number, number] | null {
  return block === anchor + TONE ? [anchor, block] : null;
}

/**
 * On the neck of the cello the block of 2-3-4 moves while the first finger is down: from one of its own fingers to another it stays
 * where it is. A first finger that has reached back stands there until another finger has played. While an open string sounds the
 * hand opens or closes as it likes.
 */
function comesTo(from: Placement, to: Placement): boolean {
  if (from.block === to.block && from.anchor === to.anchor) return true;
  const [before, after] = [stopsIn(from), stopsIn(to)];
  if (before.length === 0 || after.length === 0) return true;
  const [leavesFirst, takesFirst] = [before, after].map((stops) => stops.some(({ finger }) => finger === '1'));
  if (from.block !== to.block) return leavesFirst === true || takesFirst === true;
  return from.anchor === to.anchor || from.shape !== 'reached-back' || leavesFirst !== true || takesFirst === true;
}

/** Thumb and third finger: an augmented fourth at most, a fifth where the third reaches. */
const THUMB_TO_THIRD = 7;

/**
 * Above the neck fingers take tones and semitones: neighbours a semitone or a tone apart, first and third a major third at
 * most, thumb and third a fourth, which reaching makes a fifth. On the neck the hand itself sets them.
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

/** Whether two fingers, so many apart, stand so many semitones apart above the neck. */
function standApart(fingers: number, semitones: number): boolean {
  return semitones >= fingers && semitones <= (MOST_APART[fingers - 1] ?? THUMB_TO_THIRD);
}

/** Semitones between neighbours, and over one finger. */
const MOST_APART = [TONE, 2 * TONE] as const;
