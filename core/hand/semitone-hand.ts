import { type Key, sharpsOrFlats } from '#core/pitch';
import { pairsOf } from './pairs.ts';
import type { School } from './school.ts';
import {
  type Finger,
  type Frame,
  type HandModel,
  inThumbPosition,
  type NoteOnString,
  type Placement,
  type PositionName,
  rankOf,
  type Shape,
  stopAt,
} from './types.ts';

/** One shape of a hand whose fingers follow the semitone: where each finger stands above the anchor. */
export interface SemitoneShape {
  /** What the hand does. */
  readonly shape: Shape;
  /** By finger, the places it may take, semitones above the anchor; the usual one first. */
  readonly offsets: readonly (readonly [Finger, readonly number[]])[];
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
  readonly school: School;
  /** Every shape of the hand, the usual one first. */
  readonly shapes: readonly SemitoneShape[];
  /** Names of the position by anchor, from anchor 1; where two are usual, the sharp key's first. */
  readonly names: readonly (readonly PositionName[])[];
}

/** Name of every place in thumb position: the note under the thumb tells them apart. */
const THUMB: PositionName = { label: 'thumb', alteration: null };

/** Finger 1 stands a tone above the thumb at home. */
const FIRST_ABOVE_THUMB = 2;

/** A hand in which the anchor alone is the position: cello and double bass. */
export function semitoneHand(table: SemitoneHandTable): HandModel {
  const { shapes } = table;
  const labels = [...new Set(table.names.flatMap((names) => names.map((name) => name.label)))];
  const thumb = shapes.some((shape) => shape.shape === 'thumb');
  const namesAt = (placement: Placement): readonly PositionName[] =>
    inThumbPosition(placement) ? [THUMB] : (table.names[placement.anchor - 1] ?? []);
  const placementsOf = (note: NoteOnString): readonly Placement[] => shapes.flatMap((shape) => placementsInShape(shape, note));
  return {
    school: table.school,
    fingers: fingersOf(shapes),
    positionLabels: thumb ? [...labels, THUMB.label] : labels,
    highestAnchor: Math.max(...shapes.map((shape) => shape.highestAnchor)),
    placements: placementsOf,
    pairs: (lower, upper) => pairsOf(placementsOf, lower, upper, 'frame'),
    hoverings: (stringIndex, highestAnchor) => hoveringsOver(shapes, table.names.length, stringIndex, highestAnchor),
    positionName: (placement, key) => nameInKey(namesAt(placement), key),
    labelsOf: (placement) => namesAt(placement).map((name) => name.label),
    isShift: (from, to) => from.anchor !== to.anchor || inThumbPosition(from) !== inThumbPosition(to),
    frameOf: (placement) => frameIn(shapes, placement),
    firstFingerAt: (placement) => placement.anchor + (inThumbPosition(placement) ? FIRST_ABOVE_THUMB : 0),
    needOf: (placement) => needIn(shapes, placement),
    firstToSecond: (placement) => openedIn(shapes, placement),
    standsAt: (finger, placement) => standsIn(shapes, finger, placement),
    fingerPlace: () => null,
  };
}

function fingersOf(shapes: readonly SemitoneShape[]): readonly Finger[] {
  const set = new Set(shapes.flatMap((shape) => shape.offsets.map(([finger]) => finger)));
  const inOrder = [...set].toSorted((one, other) => (rankOf(one) ?? 0) - (rankOf(other) ?? 0));
  return ['0', ...inOrder];
}

function placementsInShape(shape: SemitoneShape, note: NoteOnString): readonly Placement[] {
  const { stringIndex, semitonesAboveOpen } = note;
  return shape.offsets.flatMap(([finger, offsets]) =>
    offsets.flatMap((offset): readonly Placement[] => {
      const anchor = semitonesAboveOpen - offset;
      if (anchor < shape.lowestAnchor || anchor > shape.highestAnchor) return [];
      return [{ ...stopAt(stringIndex, finger, semitonesAboveOpen), anchor, shape: shape.shape, letterPosition: null, upper: null }];
    }),
  );
}

/** The hand may hover wherever it may stand; in thumb position from its lowest thumb place. */
function hoveringsOver(shapes: readonly SemitoneShape[], named: number, stringIndex: number, highestAnchor: number): readonly Placement[] {
  const over = (anchor: number, shape: 'open' | 'open-thumb'): Placement => ({
    ...stopAt(stringIndex, '0', 0),
    anchor,
    shape,
    letterPosition: null,
    upper: null,
  });
  const between = (lowest: number, highest: number): readonly number[] =>
    Array.from({ length: Math.max(0, highest - lowest + 1) }, (_, index) => lowest + index);
  const thumb = shapes.find((shape) => shape.shape === 'thumb');
  return [
    ...between(1, Math.min(highestAnchor, named)).map((anchor) => over(anchor, 'open')),
    ...(thumb ? between(thumb.lowestAnchor, Math.min(highestAnchor, thumb.highestAnchor)).map((anchor) => over(anchor, 'open-thumb')) : []),
  ];
}

function nameInKey(names: readonly PositionName[], key: Key): PositionName {
  const flat = sharpsOrFlats(key) === 'flats';
  const name = (flat ? names[names.length - 1] : names[0]) ?? null;
  if (!name) throw new RangeError(`A placement stands at an anchor its hand has no name for (${names.length} names)`);
  return name;
}

/** The shape of a placement; an open string shows the hand at rest where it hovers. */
function shapeIn(shapes: readonly SemitoneShape[], placement: Placement): SemitoneShape | undefined {
  const wanted = shapes.find((shape) => shape.shape === placement.shape && usedAt(shape, placement.anchor));
  const resting = placement.shape === 'open-thumb' ? shapes.find((shape) => shape.shape === 'thumb') : undefined;
  return wanted ?? resting ?? shapes.find((shape) => usedAt(shape, placement.anchor));
}

function usedAt(shape: SemitoneShape, anchor: number): boolean {
  return anchor >= shape.lowestAnchor && anchor <= shape.highestAnchor;
}

function frameIn(shapes: readonly SemitoneShape[], placement: Placement): Frame {
  const span = shapeIn(shapes, placement)?.span ?? { lowest: 0, highest: 0 };
  return { lowest: placement.anchor + span.lowest, highest: placement.anchor + span.highest };
}

/** What a note needs of the hand, by its shape: nothing, the fingers that play from the first or the thumb on, or the whole hand. */
const NEEDS: Readonly<Record<Shape, 'nothing' | 'fingers' | 'hand'>> = {
  open: 'nothing',
  'open-thumb': 'nothing',
  home: 'fingers',
  'three-finger': 'fingers',
  thumb: 'fingers',
  'thumb-reached': 'fingers',
  pivoted: 'hand',
  'reached-back': 'hand',
  'reached-forward': 'hand',
  'drawn-in': 'hand',
  chromatic: 'hand',
};

function needIn(shapes: readonly SemitoneShape[], placement: Placement): Frame {
  switch (NEEDS[placement.shape]) {
    case 'nothing':
      return { lowest: 0, highest: 0 };
    case 'fingers':
      return throughStops(placement);
    case 'hand':
      return frameIn(shapes, placement);
  }
}

/** From the anchor to the furthest finger that plays. */
function throughStops(placement: Placement): Frame {
  const stops = placement.upper ? [placement, placement.upper] : [placement];
  const places = stops.flatMap((stop) => (stop.finger === '0' ? [] : [stop.semitonesAboveOpen]));
  return { lowest: Math.min(placement.anchor, ...places), highest: Math.max(placement.anchor, ...places) };
}

/** The first of the places a shape allows a finger; a finger the shape does not set stands nowhere. */
function standsIn(shapes: readonly SemitoneShape[], finger: Finger, placement: Placement): number | null {
  const offsets = shapeIn(shapes, placement)?.offsets.find(([named]) => named === finger)?.[1];
  const offset = offsets?.[0];
  return offset === undefined ? null : placement.anchor + offset;
}

/** An extended hand opens between first and second finger. */
function openedIn(shapes: readonly SemitoneShape[], placement: Placement): readonly [number, number] | null {
  if (placement.shape !== 'reached-back' && placement.shape !== 'reached-forward') return null;
  const [first, second] = [standsIn(shapes, '1', placement), standsIn(shapes, '2', placement)];
  return first === null || second === null || second - first < 2 ? null : [first, second];
}
