import {
  CHORD_WAYS,
  DOUBLE_STOP_WAYS,
  type DrillFamily,
  type FamilyOf,
  LIFT_TIMES,
  MATRIX_FINGERS,
  type MeasuresOfPiece,
  type OfferedFamily,
  POSITION_SETS,
} from '#core/drill/families';
import { drillOfSpot } from '#core/drill/finder';
import { fingersOf } from '#core/drill';
import { measuresWith } from '#core/drill/apart';
import { type ShiftClass, STUDY_ORDERS } from '#core/drill/shifts';
import type { Finger } from '#core/hand/placement';
import type { HandModel } from '#core/hand';
import type { Instrument } from '#core/instrument';
import type { Plan } from '#core/plan/describe';
import { DOUBLE_STOP_INTERVALS } from '#core/material/scale';

/** The player for whom a drill is written, with the choices there are. */
export interface WrittenFor {
  readonly instrument: Instrument;
  readonly hand: HandModel;
}

/** Finds the measures of a piece around the shift that arrives on a note; null where none does. */
export function measuresAround(plan: Plan, note: number | null): MeasuresOfPiece | null {
  const shift = plan.shifts.find(({ to }) => to === note);
  return shift ? measuresWith(plan, shift) : null;
}

/** Asks for the study of a shift of a piece, which leads into the measures that have it; null where it is of no class. */
export function studyInto(plan: Plan, note: number): DrillFamily | null {
  const study = drillOfSpot(plan, { kind: 'shift', note, loop: [] });
  const into = measuresAround(plan, note);
  return study?.family === 'shift' && into ? { ...study, into } : study;
}

/** Lists the positions for which drills are written. */
export function positionsFor({ hand }: WrittenFor): readonly string[] {
  return hand.positionLabels.filter((label) => label !== 'thumb');
}

type Firsts = { readonly [Name in OfferedFamily]: (place: FirstPlace) => FamilyOf<Name> };

interface FirstPlace {
  readonly shift: ShiftClass;
  readonly strings: string[];
  readonly position: string;
  readonly next: string;
  readonly finger: Finger;
  /** Finds a finger other than the first, onto which a hand shifts over a note in between. */
  readonly over: Finger;
}

/** The first request of each family when it is chosen. */
const FIRSTS: Firsts = {
  shift: ({ shift }) => ({ family: 'shift', shift, letters: null, measures: STUDY_ORDERS[2] }),
  guide: ({ shift, over }) => ({ family: 'guide', shift: shift.fromFinger === shift.toFinger ? { ...shift, toFinger: over } : shift }),
  matrix: ({ strings, position, next }) => ({
    ...{ family: 'matrix', strings, from: position, to: next, fingers: MATRIX_FINGERS[0] },
    // The fingers fall alike on all strings: the hand learns one shape, and the names change.
    ...(strings.length > 1 ? { keys: 'each-string' } : {}),
  }),
  matching: ({ strings, position, next }) => ({ family: 'matching', strings, from: position, to: next }),
  home: ({ strings, position }) => ({ family: 'home', strings: strings.slice(0, 1), position }),
  position: ({ position }) => ({ family: 'position', position, set: POSITION_SETS[0] }),
  'one-string': ({ strings }) => ({ family: 'one-string', strings: strings.slice(0, 1) }),
  chromatic: ({ strings }) => ({ family: 'chromatic', strings: strings.slice(0, 1) }),
  'two-places': ({ strings, position, finger }) => ({ family: 'two-places', strings, position, finger }),
  'first-and-fourth': ({ strings, position }) => ({ family: 'first-and-fourth', strings, position }),
  'lift-and-replace': ({ position }) => ({ family: 'lift-and-replace', position, times: LIFT_TIMES[2] }),
  blocks: ({ position }) => ({ family: 'blocks', position }),
  hovering: ({ strings, position }) => ({ family: 'hovering', strings: strings.slice(0, 1), position }),
  'double-stops': () => ({ family: 'double-stops', interval: DOUBLE_STOP_INTERVALS[0], built: DOUBLE_STOP_WAYS[0], position: null }),
  chords: ({ position }) => ({ family: 'chords', position, played: CHORD_WAYS[0] }),
  'open-string': ({ strings, position }) => ({ family: 'open-string', strings: strings.slice(0, 1), position }),
};

/** Gives a family as it is first shown, keeping the shift, the position and the strings of the request before. */
export function firstOf(name: OfferedFamily, place: WrittenFor, before: DrillFamily | null): DrillFamily {
  const positions = positionsFor(place).filter((label) => label !== 'half');
  const position = before && 'position' in before && before.position !== null ? before.position : (positions[0] ?? 'half');
  return FIRSTS[name]({
    shift: before && 'shift' in before ? before.shift : firstShift(place),
    strings: place.instrument.strings.map((string) => string.name),
    position,
    next: positions[positions.indexOf(position) + 2] ?? position,
    finger: fingersOf(place.hand)[1] ?? '1',
    over: fingersOf(place.hand)[2] ?? '2',
  });
}

/** Asks for first finger to first finger, two positions up the highest string. */
function firstShift({ instrument }: WrittenFor): ShiftClass {
  const string = instrument.strings[0]?.name ?? '';
  const ends = { fromString: string, toString: string, fromFinger: '1', toFinger: '1' } as const;
  return { kind: instrument.kind, ...ends, way: 'up', distance: { by: 'positions', steps: 2 } };
}
