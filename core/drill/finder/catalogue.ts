import type { Finger } from '#core/hand/placement';
import type { InstrumentKind } from '#core/instrument';
import { type DrillFor, fingersOf, groundOf } from '#core/drill';
import {
  CHORD_WAYS,
  type DrillFamily,
  type DrillRequest,
  PLAIN_VARIANT,
  POSITION_SETS,
  isPlayedOn,
  movableFingers,
} from '#core/drill/families';
import { boardOf, holdIn, THUMB } from '#core/drill/position';
import { DOUBLE_STOP_INTERVALS } from '#core/material/scale';

/** The numbers of positions over which shifts are offered. */
const MOST_POSITIONS_APART = 4;

/** The largest distance of two positions that have a note in common. */
const MOST_MATCHED = 2;

/** The number of positions from the nut in which drills are offered. */
const MOST_POSITIONS = 8;

/**
 * Lists every drill that is offered on an instrument, for a school, in one key (documents' form). They are written when they are opened:
 * the list names what may be asked for, and the writer finds what the key and the hand allow. Empty where the player cannot be read.
 */
export function catalogue(player: DrillFor, key: string): readonly DrillRequest[] {
  const ground = groundOf(player, key);
  if (!ground.ok) return [];
  const { instrument, hand } = ground.value;
  const board = boardOf(ground.value);
  const positions = hand.positionLabels.filter((label) => holdIn(board, label).strings.flat().length > 0);
  const place: Place = {
    kind: instrument.kind,
    strings: instrument.strings.map(({ name }) => name),
    fingers: fingersOf(hand),
    numbered: positions.filter((label) => label !== THUMB).slice(0, MOST_POSITIONS),
    positions: positions.filter((label, order) => label === THUMB || order < MOST_POSITIONS),
    setsThumb: hand.positionLabels.includes(THUMB),
  };
  const families = [...shifts(place), ...betweenPositions(place), ...inPositions(place), ...onStrings(place), ...doubleStops(place)];
  return families.map((asks) => ({ key, asks, variant: PLAIN_VARIANT }));
}

interface Place {
  readonly kind: InstrumentKind;
  readonly strings: string[];
  readonly fingers: readonly Finger[];
  /** Lists the positions in which a hand holds something of the key, from the nut up, without thumb position. */
  readonly numbered: readonly string[];
  /** Lists the same positions with thumb position. */
  readonly positions: readonly string[];
  readonly setsThumb: boolean;
}

function shifts({ kind, strings, fingers }: Place): readonly DrillFamily[] {
  const distances = Array.from({ length: MOST_POSITIONS_APART }, (_, order) => order + 1);
  return strings.flatMap((string) =>
    fingers.flatMap((fromFinger) =>
      fingers.flatMap((toFinger) =>
        (['up', 'down'] as const).flatMap((way) =>
          distances.map((steps): DrillFamily => {
            const shift = {
              kind,
              fromString: string,
              toString: string,
              fromFinger,
              toFinger,
              way,
              distance: { by: 'positions' as const, steps },
            };
            return { family: 'shift', shift, letters: null, measures: 'all' };
          }),
        ),
      ),
    ),
  );
}

function betweenPositions({ strings, numbered: positions }: Place): readonly DrillFamily[] {
  return positions.flatMap((from, order) => [
    ...positions
      .slice(order + 1, order + 1 + MOST_POSITIONS_APART)
      .map((to): DrillFamily => ({ family: 'matrix', strings, from, to, fingers: 'all' })),
    ...positions.slice(order + 1, order + 1 + MOST_MATCHED).map((to): DrillFamily => ({ family: 'matching', strings, from, to })),
    ...strings.map((string): DrillFamily => ({ family: 'home', position: from, strings: [string] })),
  ]);
}

function inPositions({ kind, strings, fingers, positions }: Place): readonly DrillFamily[] {
  return positions.flatMap((position): readonly DrillFamily[] => [
    ...POSITION_SETS.map((set): DrillFamily => ({ family: 'position', position, set })),
    ...movableFingers(kind, position, fingers).map((finger): DrillFamily => ({ family: 'two-places', position, strings, finger })),
    { family: 'first-and-fourth', position, strings },
    { family: 'blocks', position },
    ...CHORD_WAYS.map((played): DrillFamily => ({ family: 'chords', position, played })),
    ...strings.map((string): DrillFamily => ({ family: 'hovering', position, strings: [string] })),
    ...strings.map((string): DrillFamily => ({ family: 'open-string', position, strings: [string] })),
    ...(isPlayedOn('lift-and-replace', kind) ? [{ family: 'lift-and-replace' as const, position }] : []),
  ]);
}

function onStrings({ strings }: Place): readonly DrillFamily[] {
  return strings.flatMap((string): readonly DrillFamily[] => [
    { family: 'one-string', strings: [string] },
    { family: 'chromatic', strings: [string] },
  ]);
}

function doubleStops({ setsThumb }: Place): readonly DrillFamily[] {
  return DOUBLE_STOP_INTERVALS.flatMap((interval): readonly DrillFamily[] => [
    { family: 'double-stops', interval, built: 'one-by-one', position: null },
    { family: 'double-stops', interval, built: 'at-once', position: null },
    ...(setsThumb && interval === 'octaves'
      ? [{ family: 'double-stops' as const, interval, built: 'one-by-one' as const, position: THUMB }]
      : []),
  ]);
}
