import type { InstrumentKind } from '#core/instrument';
import type { CostTerm } from './cost-terms.ts';
import type { PerFinger, WeightEntry, WeightUnit, WeightValue } from './weight-types.ts';

type Defaults<Value> = readonly [violin: Value, viola: Value, cello: Value, bass: Value];

/**
 * Every weight, once; its reason stands in the words of the page that shows them (`WEIGHT_REASONS`). Values are integer thousandths of a unit, so that sums are exact
 * and ties are ties; a unit has no absolute meaning: a crossing of about a quarter and a shift of one to two units set the scale. The
 * numbers were fitted to standard fingerings by a prototype and then here; structure matters more than any single one.
 */
export const WEIGHTS = {
  shift: perInstrument('shift', [1700, 1700, 1450, 1000]),
  shiftPerMm: entry<number>('shift-travel', 'thousandths per mm', [0, 50], [12, 12, 5.6, 3.5]),
  longShiftPerMm: entry<number>('shift-travel', 'thousandths per mm', [0, 100], [24, 24, 10, 6]),
  semitoneShiftShare: share('shift', [0.65, 0.65, 0.75, 0.7]),
  semitoneMoveShare: share('shift', [1, 1, 1, 0.7]),
  openShiftShare: share('shift', [0.6, 0.6, 0.45, 0.4]),
  restShiftShare: share('shift', [0.5, 0.5, 0.5, 0.5]),
  shiftCrossing: perInstrument('crossing-while-shifting', [550, 550, 450, 300]),
  shiftAgainstMelody: perInstrument('shift-against-melody', [300, 300, 300, 300]),
  fingersLeft: perInstrument('fingers-left', [0, 0, 600, 0]),
  thirdsLeft: perInstrument('fingers-left', [600, 600, 0, 0]),
  // The search considers these two only where a line meets them, which is exact while neither is a gain.
  oneNoteStay: entry<number>('one-note-stay', 'thousandths each', [0, 10_000], [500, 500, 460, 0]),
  openAndStopped: entry<number>('open-and-stopped', 'thousandths each', [0, 10_000], [150, 150, 150, 150]),
  shiftUnderSlur: perInstrument('shift-under-slur', [150, 150, 150, 150]),
  shiftHaste: entry<number>('shift-haste', 'thousandths per mm/s', [0, 20], [2, 2, 1, 0.7]),
  leavingUp: fingers('leaving', [
    [0, 0, 50, 150, 450],
    [0, 0, 50, 150, 450],
    [0, 0, 50, 100, 150],
    [0, 0, 50, 50, 50],
  ]),
  arrivingUp: fingers('arriving', [
    [0, 0, 150, 350, 700],
    [0, 0, 150, 350, 700],
    [50, 0, 200, 350, 500],
    [50, 0, 150, 300, 300],
  ]),
  leavingDown: fingers('leaving', [
    [0, 0, 250, 450, 800],
    [0, 0, 250, 450, 800],
    [0, 0, 150, 250, 400],
    [0, 0, 100, 100, 150],
  ]),
  arrivingDown: fingers('arriving', [
    [0, 250, 0, 30, 200],
    [0, 250, 0, 30, 200],
    [300, 250, 100, 50, 0],
    [300, 200, 50, 50, 0],
  ]),
  sameFingerShift: fingers('same-finger-shift', [
    [0, 100, 150, 250, 600],
    [0, 100, 150, 250, 600],
    [60, 80, 220, 350, 400],
    [60, 50, 100, 100, 150],
  ]),
  crossing: perInstrument('crossing', [280, 280, 250, 220]),
  stringSkipped: perInstrument('string-skipped', [800, 800, 800, 800]),
  crossingAgainstMelody: perInstrument('crossing-against-melody', [350, 350, 350, 350]),
  crossingInSlur: perInstrument('crossing-in-slur', [60, 60, 60, 60]),
  openString: perInstrument('open-string', [100, 60, 0, -120]),
  openGoingUp: perInstrument('open-string', [0, 0, 0, 0]),
  openGoingDown: perInstrument('open-string', [0, 0, 0, 0]),
  openAboveHome: perInstrument('open-string', [0, 0, 0, 0]),
  openInThirds: perInstrument('open-string', [2600, 2600, 2600, 2600]),
  pedalCovered: perInstrument('pedal-covered', [700, 700, 700, 700]),
  rockingShare: share('crossing', [0.3, 0.3, 0.3, 0.3]),
  crossingOntoFourth: perInstrument('crossing-onto-fourth', [250, 250, 100, 0]),
  harmonic: perInstrument('harmonic', [250, 250, 200, 150]),
  movingInOrnament: fingers('moving-in-ornament', [
    [0, 100, 0, 0, 900],
    [0, 100, 0, 0, 1100],
    [600, 100, 0, 0, 350],
    [600, 100, 100, 100, 100],
  ]),
  ornamentOnOpen: perInstrument('ornament-on-open', [800, 800, 400, 200]),
  finger: fingers('finger', [
    [0, 0, 0, 50, 220],
    [0, 0, 0, 50, 320],
    [200, 0, 0, 30, 50],
    [350, 0, 30, 20, 0],
  ]),
  fourthAtOctave: perInstrument('finger', [0, 0, 0, 250]),
  weakOnHard: fingers('weak-on-hard', [
    [0, 0, 0, 0, 0],
    [0, 0, 0, 0, 0],
    [0, 0, 0, 0, 0],
    [0, 0, 0, 0, 0],
  ]),
  position: positions('position', [
    [270, 0, 600, 80, 130, 140, 160],
    [270, 0, 600, 80, 130, 140, 160],
    [180, 180, 0, 100, 120, 40, 80, 40, 100, 140],
    [60, 60, 0, 60, 70, 70, 70, 80, 80, 90, 100],
  ]),
  beginAway: perInstrument('away-from-home', [700, 700, 400, 500]),
  endAway: perInstrument('away-from-home', [700, 700, 400, 500]),
  positionPerNoteShare: share('position', [0.05, 0.05, 0.05, 0.05]),
  highPlaceFrom: entry<number>('high-on-low-string', 'semitones', [0, 24], [8, 8, 7, 6]),
  highPlace: entry<number>('high-on-low-string', 'thousandths per semitone', [0, 1000], [80, 80, 50, 100]),
  highPlaceAboveOctave: entry<number>('high-on-low-string', 'thousandths per semitone', [0, 1000], [60, 60, 40, 0]),
  highPlaceThumbShare: share('high-on-low-string', [1, 1, 1, 0.5]),
  highPlaceTenthShare: share('high-on-low-string', [0.3, 0.3, 1, 1]),
  lowFirst: perInstrument('low-first', [220, 220, 0, 0]),
  reachedBack: perInstrument('reached-back', [220, 220, 115, 0]),
  reachedForward: perInstrument('reached-forward', [900, 1100, 115, 200]),
  reachedOut: perInstrument('reached-out', [3000, 3200, 0, 0]),
  drawnIn: perInstrument('drawn-in', [700, 700, 0, 0]),
  fingerASemitone: perInstrument('finger-a-semitone', [300, 300, 0, 0]),
  fourthInSemitones: perInstrument('fourth-in-semitones', [0, 0, 1300, 0]),
  pivot: perInstrument('pivot', [0, 0, 0, 250]),
  stretch: entry<number>('stretch', 'thousandths per mm', [0, 200], [40, 40, 16, 20]),
  crowding: entry<number>('crowding', 'thousandths per mm', [0, 500], [40, 40, 40, 40]),
  thumbEntry: perInstrument('thumb-entry', [0, 0, 900, 900]),
  creeping: perInstrument('creeping', [550, 550, 0, 0]),
  respelling: perInstrument('respelling', [550, 550, 0, 0]),
  slide: entry<number>('slide', 'thousandths per semitone', [0, 10_000], [450, 450, 1200, 2000]),
  neighbourLevel: perInstrument('same-finger-neighbour', [450, 450, 350, 300]),
  neighbourElsewhere: perInstrument('same-finger-neighbour', [900, 900, 700, 450]),
  fingerOrder: perInstrument('finger-order', [800, 800, 800, 800]),
  substitution: perInstrument('substitution', [350, 350, 350, 350]),
  opening: perInstrument('shape-change', [0, 0, 350, 400]),
  closingShare: share('shape-change', [1, 1, 0.5, 1]),
  octaveStepShare: share('shift', [0.4, 0.4, 0.4, 0.6]),
  octaveHand: perInstrument('octave-hand', [3500, 3500, 2500, 0]),
  openingIdleShare: share('shape-change', [1, 1, 3.2, 1]),
  openingShiftShare: share('shape-change', [0, 0, 0.8, 0.8]),
} as const;

/** The speed of travel that needs no hurry, mm per second. */
export const EASY_SPEED_MM_PER_SECOND = 250;

/** The difference below which two fingerings are equal, thousandths: less than any rounding of the weights would move. */
export const EQUAL_BELOW = 100;

/** The difference from which one is clearly better, thousandths: a shift, or a few crossings. */
export const CLEAR_FROM = 1000;

/** The name of a weight. */
export type WeightName = keyof typeof WEIGHTS;

/** A complete set of weights: one value for every line of the table. */
export type Weights = { readonly [Name in WeightName]: (typeof WEIGHTS)[Name] extends WeightEntry<infer Value> ? Value : never };

function entry<Value extends WeightValue>(
  term: CostTerm,
  unit: WeightUnit,
  range: readonly [number, number],
  [violin, viola, cello, bass]: Defaults<Value>,
): WeightEntry<Value> {
  const defaults: Readonly<Record<InstrumentKind, Value>> = { violin, viola, cello, bass };
  return { term, unit, range, defaults };
}

function perInstrument(term: CostTerm, defaults: Defaults<number>): WeightEntry<number> {
  return entry(term, 'thousandths each', [-2000, 10_000], defaults);
}

function share(term: CostTerm, defaults: Defaults<number>): WeightEntry<number> {
  return entry(term, 'share', [0, 5], defaults);
}

function fingers(term: CostTerm, defaults: Defaults<PerFinger>): WeightEntry<PerFinger> {
  return entry(term, 'thousandths by finger', [-2000, 5000], defaults);
}

function positions(term: CostTerm, defaults: Defaults<readonly number[]>): WeightEntry<readonly number[]> {
  return entry(term, 'thousandths by position', [-2000, 5000], defaults);
}
