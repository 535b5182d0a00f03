import type { Finger } from '#core/hand';
import type { Way } from '#core/drill/hot-spots';
import type { DrillRequest, FamilyName } from '#core/drill/families';
import type { ShiftDistance } from '#core/drill/shifts';

/** What drills are for. */
export const DRILL_AIMS = ['hot-spots', 'shifts', 'position', 'fingers', 'fingerboard', 'double-stops'] as const;

/** What a drill is for: a hot spot of a piece, shifts, one position, fingers that do not depend on each other, knowing the fingerboard, or double stops. */
export type DrillAim = (typeof DRILL_AIMS)[number];

/** What a drill is found by. */
export interface DrillFacts {
  /** Its family. */
  readonly family: FamilyName;
  /** What it is for. */
  readonly aim: DrillAim;
  /** The key, documents' form. */
  readonly key: string;
  /** Open notes of its strings, documents' form; empty for all of them. */
  readonly strings: readonly string[];
  /** Labels of its positions; empty where it has none of its own. */
  readonly positions: readonly string[];
  /** The finger that leaves and the one that arrives; null where it is not about one pair. */
  readonly fingers: readonly [Finger, Finger] | null;
  /** Which way its shift goes; null where it has none of its own, or goes both ways. */
  readonly way: Way | null;
  /** How far its shift goes; null where it has none of its own. */
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

/** What a drill is found by, read off what was asked for. */
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
