import { type Key, sharpsOrFlats } from '#core/pitch';
import type { Finger, Frame, HandModel, Placement, PositionName, Shape } from './types.ts';
import type { School } from './schema.ts';

/** One shape of a hand whose fingers follow the semitone: where each finger stands above the anchor. */
export interface SemitoneShape {
  readonly shape: Shape;
  readonly offsets: readonly (readonly [Finger, readonly number[]])[];
  /** Anchors at which the shape is used, both inclusive. */
  readonly lowestAnchor: number;
  readonly highestAnchor: number;
  /** Semitones of the outermost fingers above the anchor. */
  readonly span: Frame;
}

/** What tells the cello's and the bass's hand apart from each other. */
export interface SemitoneHandTable {
  readonly school: School;
  readonly shapes: readonly SemitoneShape[];
  /** Names of the position by anchor, from anchor 1; where two are usual, the sharp key's first. */
  readonly names: readonly (readonly PositionName[])[];
}

/** A hand in which the anchor alone is the position: cello and double bass. */
export function semitoneHand(table: SemitoneHandTable): HandModel {
  const namesAt = (anchor: number): readonly PositionName[] => table.names[anchor - 1] ?? [];
  return {
    school: table.school,
    positionLabels: [...new Set(table.names.flatMap((names) => names.map((name) => name.label)))],
    highestAnchor: table.names.length,
    placements: (note) =>
      table.shapes.flatMap((shape) =>
        placementsInShape(shape, note.semitonesAboveOpen).map((placement) => ({ ...placement, stringIndex: note.stringIndex })),
      ),
    hoverings: (stringIndex, highestAnchor) =>
      Array.from({ length: Math.min(highestAnchor, table.names.length) }, (_, index) => ({
        stringIndex,
        finger: '0' as const,
        semitonesAboveOpen: 0,
        anchor: index + 1,
        shape: 'open' as const,
        letterPosition: null,
      })),
    positionName: (placement, key) => nameInKey(namesAt(placement.anchor), key),
    labelsOf: (placement) => namesAt(placement.anchor).map((name) => name.label),
    isShift: (from, to) => from.anchor !== to.anchor,
    frameOf: (placement) => frameIn(table.shapes, placement),
    fingerPlace: () => null,
  };
}

function placementsInShape(shape: SemitoneShape, semitonesAboveOpen: number): readonly Omit<Placement, 'stringIndex'>[] {
  return shape.offsets.flatMap(([finger, offsets]) =>
    offsets.flatMap((offset) => {
      const anchor = semitonesAboveOpen - offset;
      if (anchor < shape.lowestAnchor || anchor > shape.highestAnchor) return [];
      return [{ finger, semitonesAboveOpen, anchor, shape: shape.shape, letterPosition: null }];
    }),
  );
}

function nameInKey(names: readonly PositionName[], key: Key): PositionName {
  const flat = sharpsOrFlats(key) === 'flats';
  const name = (flat ? names[names.length - 1] : names[0]) ?? null;
  if (!name) throw new RangeError('A placement stands at an anchor its hand has no name for');
  return name;
}

/** An open string shows the hand at rest where it hovers. */
function frameIn(shapes: readonly SemitoneShape[], placement: Placement): Frame {
  const wanted = shapes.find((shape) => shape.shape === placement.shape);
  const resting = shapes.find((shape) => placement.anchor >= shape.lowestAnchor && placement.anchor <= shape.highestAnchor);
  const span = (wanted ?? resting)?.span ?? { lowest: 0, highest: 0 };
  return { lowest: placement.anchor + span.lowest, highest: placement.anchor + span.highest };
}
