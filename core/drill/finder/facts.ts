import type { Finger } from '#core/hand/placement';
import type { Way } from '#core/drill/hot-spots';
import type { DrillRequest, FamilyName } from '#core/drill/families';
import type { ShiftDistance } from '#core/drill/shifts';

/** The aims that drills may have. */
export const DRILL_AIMS = ['hot-spots', 'shifts', 'position', 'fingers', 'fingerboard', 'double-stops'] as const;

/** The aim of a drill: a hot spot of a piece, shifts, one position, independent fingers, knowing the fingerboard, or double stops. */
export type DrillAim = (typeof DRILL_AIMS)[number];

/** The facts by which a drill is found. */
export interface DrillFacts {
  /** The family of the drill. */
  readonly family: FamilyName;
  /** The aim of the drill. */
  readonly aim: DrillAim;
  /** The key, documents' form. */
  readonly key: string;
  /** The open notes of its strings, documents' form; empty for all strings. */
  readonly strings: readonly string[];
  /** The labels of its positions; empty where it has none of its own. */
  readonly positions: readonly string[];
  /** The finger that leaves and the one that arrives; null where it is not about one pair. */
  readonly fingers: readonly [Finger, Finger] | null;
  /** The direction of its shift; null where it has no shift of its own, or goes both ways. */
  readonly way: Way | null;
  /** The distance of its shift; null where it has no shift of its own. */
  readonly distance: ShiftDistance | null;
}

const AIMS: Readonly<Record<FamilyName, DrillAim>> = {
  loop: 'hot-spots',
  shift: 'shifts',
  guide: 'shifts',
  matrix: 'shifts',
  matching: 'shifts',
  home: 'shifts',
  position: 'position',
  'one-string': 'fingerboard',
  chromatic: 'fingerboard',
  'two-places': 'fingers',
  'first-and-fourth': 'fingers',
  'lift-and-replace': 'fingers',
  blocks: 'fingers',
  hovering: 'fingers',
  'double-stops': 'double-stops',
  chords: 'double-stops',
  'open-string': 'double-stops',
};

/** Reads the facts of a drill from its request. */
export function factsOf({ key, asks }: DrillRequest): DrillFacts {
  const shift = 'shift' in asks ? asks.shift : null;
  return {
    family: asks.family,
    aim: AIMS[asks.family],
    key,
    strings: stringsOf(asks),
    positions: positionsOf(asks),
    fingers: shift ? [shift.fromFinger, shift.toFinger] : null,
    way: shift?.way ?? null,
    distance: shift?.distance ?? null,
  };
}

function stringsOf(asks: DrillRequest['asks']): readonly string[] {
  if ('shift' in asks) return eachOnce([asks.shift.fromString, asks.shift.toString]);
  if (asks.family === 'loop') return eachOnce(asks.notes.flatMap(({ fingered }) => fingered.string ?? []));
  return 'strings' in asks ? asks.strings : [];
}

function positionsOf(asks: DrillRequest['asks']): readonly string[] {
  if (asks.family === 'loop') return eachOnce(asks.notes.flatMap(({ fingered }) => fingered.position ?? []));
  if ('from' in asks) return eachOnce([asks.from, asks.to]);
  return 'position' in asks && asks.position !== null ? [asks.position] : [];
}

function eachOnce(names: readonly string[]): readonly string[] {
  return [...new Set(names)];
}
