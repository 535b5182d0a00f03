import {
  CHORD_WAYS,
  DOUBLE_STOP_WAYS,
  type FamilyName,
  type FamilyOf,
  LIFT_TIMES,
  LOOP_FINGERS,
  MATRIX_FINGERS,
  MATRIX_KEYS,
  movableFingers,
  POSITION_SETS,
} from '#core/drill/families';
import { fingersOf } from '#core/drill';
import { type ShiftClass, STUDY_ORDERS } from '#core/drill/shifts';
import { DOUBLE_STOP_INTERVALS } from '#core/material/scale';
import { noteLabel } from '#core/pitch';
import {
  BUILT_WORDS,
  distanceUnit,
  CHORD_WORDS,
  doubleStopText,
  INSIDE_WORDS,
  LOOP_FINGER_WORDS,
  MATRIX_KEY_WORDS,
  PAIR_WORDS,
  positionText,
  STUDY_ORDER_WORDS,
} from '../../../words/drills/families.ts';
import { positionsFor, type WrittenFor } from '../first-request.ts';
import { type AskedField, choiceOf } from './asked-field.ts';

/** The fields of each family, in the order in which they are shown. */
type FamilyFields = { readonly [Name in FamilyName]: readonly AskedField<FamilyOf<Name>>[] };

/** The fields of each family of drills. A new family gets its form by a line here. */
export const FAMILY_FIELDS: FamilyFields = {
  shift: [
    ...shiftFields<FamilyOf<'shift'>>(),
    (asks) =>
      choiceOf({
        label: 'Measures',
        value: asks.measures,
        among: STUDY_ORDERS,
        nameOf: (order) => STUDY_ORDER_WORDS[order],
        choose: (measures) => ({ ...asks, measures }),
      }),
  ],
  guide: shiftFields(),
  matrix: [
    ...fromToFields<FamilyOf<'matrix'>>(),
    (asks) =>
      choiceOf({
        label: 'Fingers',
        lead: 'with',
        value: asks.fingers,
        among: MATRIX_FINGERS,
        nameOf: (fingers) => PAIR_WORDS[fingers],
        choose: (fingers) => ({ ...asks, fingers }),
      }),
    (asks) =>
      asks.strings.length === 1
        ? null
        : choiceOf({
            label: 'Keys',
            value: asks.keys ?? MATRIX_KEYS[0],
            among: MATRIX_KEYS,
            nameOf: (keys) => MATRIX_KEY_WORDS[keys],
            choose: (keys) => ({ ...asks, keys }),
          }),
    stringField,
  ],
  matching: [...fromToFields<FamilyOf<'matching'>>(), stringField],
  home: [positionField, stringField],
  position: [
    positionOrThumbField,
    (asks) =>
      choiceOf({
        label: 'Played',
        value: asks.set,
        among: POSITION_SETS,
        nameOf: (set) => INSIDE_WORDS[set],
        choose: (set) => ({ ...asks, set }),
      }),
  ],
  'one-string': [stringField],
  chromatic: [stringField],
  'two-places': [
    positionOrThumbField,
    (asks, { instrument, hand }) =>
      choiceOf({
        label: 'Finger',
        lead: 'with finger',
        value: asks.finger,
        among: movableFingers(instrument.kind, asks.position, fingersOf(hand)),
        nameOf: String,
        choose: (finger) => ({ ...asks, finger }),
      }),
    stringField,
  ],
  'first-and-fourth': [positionOrThumbField, stringField],
  'lift-and-replace': [
    positionField,
    (asks) =>
      choiceOf({
        label: 'First by itself',
        lead: 'first by itself',
        value: asks.times ?? LIFT_TIMES[0],
        among: LIFT_TIMES,
        nameOf: (times) => (times === 0 ? 'no' : `${times} times`),
        choose: (times) => ({ ...asks, times }),
      }),
  ],
  blocks: [positionOrThumbField],
  hovering: [positionOrThumbField, stringField],
  loop: [
    (asks) =>
      choiceOf({
        label: 'Fingers',
        lead: 'the fingers',
        value: asks.fingers,
        among: LOOP_FINGERS,
        nameOf: (fingers) => LOOP_FINGER_WORDS[fingers],
        choose: (fingers) => ({ ...asks, fingers }),
      }),
    (asks) =>
      choiceOf({
        label: 'At each end',
        lead: 'at each end',
        value: asks.checks ? 'check' : 'on',
        among: ['on', 'check'],
        nameOf: (end) => (end === 'check' ? 'check it' : 'go straight on'),
        choose: (end) => ({ ...asks, checks: end === 'check' }),
      }),
  ],
  chords: [
    positionOrThumbField,
    (asks) =>
      choiceOf({
        label: 'Played',
        value: asks.played,
        among: CHORD_WAYS,
        nameOf: (played) => CHORD_WORDS[played],
        choose: (played) => ({ ...asks, played }),
      }),
  ],
  'double-stops': [
    (asks) =>
      choiceOf({
        label: 'Interval',
        lead: 'in',
        value: asks.interval,
        among: DOUBLE_STOP_INTERVALS,
        nameOf: doubleStopText,
        choose: (interval) => ({ ...asks, interval }),
      }),
    (asks) =>
      choiceOf({
        label: 'Played',
        value: asks.built,
        among: DOUBLE_STOP_WAYS,
        nameOf: (built) => BUILT_WORDS[built],
        choose: (built) => ({ ...asks, built }),
      }),
    // Only cello and bass have a thumb to place; a drill may ask for it of a hand that is otherwise on the neck.
    (asks, { instrument }) =>
      instrument.kind === 'cello' || instrument.kind === 'bass'
        ? choiceOf({
            label: 'Hand',
            value: asks.position === 'thumb' ? 'thumb' : 'any',
            among: ['any', 'thumb'],
            nameOf: (from) => (from === 'thumb' ? 'from the thumb' : 'any position'),
            choose: (from) => ({ ...asks, position: from === 'thumb' ? 'thumb' : null }),
          })
        : null,
  ],
  'open-string': [positionOrThumbField, stringField],
};

/** The distances offered for a shift, in positions or semitones. */
const STEPS = [1, 2, 3, 4, 5, 6, 7] as const;

/** Makes the fields that choose a class of shifts: its fingers, direction, distance and string. */
function shiftFields<Asks extends { readonly shift: ShiftClass }>(): readonly AskedField<Asks>[] {
  return [
    (asks, { hand }) =>
      choiceOf({
        label: 'From finger',
        lead: 'from finger',
        value: asks.shift.fromFinger,
        among: fingersOf(hand),
        nameOf: String,
        choose: (fromFinger) => ({ ...asks, shift: { ...asks.shift, fromFinger } }),
      }),
    (asks, { hand }) =>
      choiceOf({
        label: 'To finger',
        lead: 'to finger',
        value: asks.shift.toFinger,
        among: fingersOf(hand),
        nameOf: String,
        choose: (toFinger) => ({ ...asks, shift: { ...asks.shift, toFinger } }),
      }),
    (asks) =>
      choiceOf({
        label: 'Direction',
        value: asks.shift.way,
        among: ['up', 'down'],
        nameOf: String,
        choose: (way) => ({ ...asks, shift: { ...asks.shift, way } }),
      }),
    (asks) => {
      const { distance } = asks.shift;
      return choiceOf({
        label: distance.by === 'positions' ? 'Positions' : 'Semitones',
        tail: distanceUnit(distance),
        value: distance.steps,
        among: STEPS.some((step) => step === distance.steps) ? STEPS : [...STEPS, distance.steps],
        nameOf: String,
        choose: (steps) => ({ ...asks, shift: { ...asks.shift, distance: { ...distance, steps } } }),
      });
    },
    (asks, { instrument }) =>
      choiceOf({
        label: 'On',
        lead: 'on the',
        value: asks.shift.toString,
        among: instrument.strings.map(({ name }) => name),
        nameOf: (name) => `${noteLabel(name)} string`,
        choose: (name) => ({ ...asks, shift: { ...asks.shift, fromString: name, toString: name } }),
      }),
  ];
}

/** Makes the fields that choose the position that is left and the one that is reached. */
function fromToFields<Asks extends { readonly from: string; readonly to: string }>(): readonly AskedField<Asks>[] {
  return [
    (asks, place) =>
      choiceOf({
        label: 'From',
        lead: 'from',
        value: asks.from,
        among: positionsFor(place),
        nameOf: positionText,
        choose: (from) => ({ ...asks, from }),
      }),
    (asks, place) =>
      choiceOf({
        label: 'To',
        lead: 'to',
        value: asks.to,
        among: positionsFor(place),
        nameOf: positionText,
        choose: (to) => ({ ...asks, to }),
      }),
  ];
}

/** Chooses a position on the neck. */
function positionField<Asks extends { readonly position: string }>(asks: Asks, place: WrittenFor) {
  return positionAmong(asks, positionsFor(place));
}

/** Chooses a position; thumb position is one of them. */
function positionOrThumbField<Asks extends { readonly position: string }>(asks: Asks, { hand }: WrittenFor) {
  return positionAmong(asks, hand.positionLabels);
}

function positionAmong<Asks extends { readonly position: string }>(asks: Asks, labels: readonly string[]) {
  return choiceOf({
    label: 'Position',
    lead: 'in',
    value: asks.position,
    among: labels,
    nameOf: positionText,
    choose: (position): Asks => ({ ...asks, position }),
  });
}

/** The choice of all strings, where one is chosen. */
const ALL = 'all';

/** Chooses one string, or all of them. */
function stringField<Asks extends { readonly strings: readonly string[] }>(asks: Asks, { instrument }: WrittenFor) {
  const names = instrument.strings.map(({ name }) => name);
  return choiceOf({
    label: 'String',
    value: asks.strings.length === 1 ? (asks.strings[0] ?? ALL) : ALL,
    among: [...names, ALL],
    nameOf: (name) => (name === ALL ? 'all strings' : `${noteLabel(name)} string`),
    choose: (name): Asks => ({ ...asks, strings: name === ALL ? names : [name] }),
  });
}
