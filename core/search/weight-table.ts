import type { InstrumentKind } from '#core/instrument';
import type { CostTerm } from './cost-terms.ts';
import type { PerFinger, WeightEntry, WeightUnit, WeightValue } from './weight-types.ts';

type Defaults<Value> = readonly [violin: Value, viola: Value, cello: Value, bass: Value];

/**
 * Every weight there is, once. Values are integer thousandths of a unit, so that sums are exact and ties are ties; a unit
 * has no absolute meaning: a crossing of about a quarter and a shift of one to two units set the scale. The numbers
 * were fitted to standard fingerings by a prototype and then here; structure matters more than any single one.
 */
export const WEIGHTS = {
  shift: each('shift', [1700, 1700, 1450, 1000], 'A shift interrupts the line, whatever its size.'),
  shiftPerMm: entry<number>('shift-travel', 'thousandths per mm', [0, 50], [12, 12, 5.6, 3.5], 'A longer way is harder to judge.'),
  semitoneShiftShare: share('shift', [0.65, 0.65, 0.75, 0.7], 'One finger moving a semitone on its string hardly disturbs.'),
  openShiftShare: share('shift', [0.5, 0.5, 0.45, 0.4], 'While an open string sounds nobody hears the hand move; the way stays.'),
  restShiftShare: share('shift', [0.5, 0.5, 0.5, 0.5], 'A rest gives time to move.'),
  shiftCrossing: each('crossing-while-shifting', [550, 550, 450, 300], 'Shifting and crossing at once leaves no guide.'),
  shiftAgainstMelody: each(
    'shift-against-melody',
    [300, 300, 300, 300],
    'A hand that goes up while the melody goes down misleads the ear.',
  ),
  shiftUnderSlur: each('shift-under-slur', [150, 150, 150, 150], 'Inside a bow the way is heard.'),
  shiftHaste: entry<number>(
    'shift-haste',
    'thousandths per mm/s',
    [0, 20],
    [2, 2, 1, 0.7],
    'A quick way squeezes; counted above an easy speed.',
  ),
  leavingUp: fingers(
    'leaving',
    [
      [0, 0, 50, 150, 450],
      [0, 0, 50, 150, 450],
      [0, 0, 50, 100, 150],
      [0, 0, 50, 50, 50],
    ],
    'Going up, a low finger leads the hand.',
  ),
  arrivingUp: fingers(
    'arriving',
    [
      [0, 0, 150, 350, 700],
      [0, 0, 150, 350, 700],
      [50, 0, 200, 350, 500],
      [50, 0, 150, 300, 300],
    ],
    'Going up, a low finger leaves the others ready for what comes.',
  ),
  leavingDown: fingers(
    'leaving',
    [
      [0, 0, 250, 450, 800],
      [0, 0, 250, 450, 800],
      [0, 0, 150, 250, 400],
      [0, 0, 100, 100, 150],
    ],
    'Coming down, the first finger leads the hand.',
  ),
  arrivingDown: fingers(
    'arriving',
    [
      [0, 250, 0, 30, 200],
      [0, 250, 0, 30, 200],
      [300, 250, 100, 50, 0],
      [300, 200, 50, 50, 0],
    ],
    'Coming down, a high finger leaves the others ready for what comes.',
  ),
  sameFingerShift: fingers(
    'same-finger-shift',
    [
      [0, 100, 150, 250, 600],
      [0, 100, 150, 250, 600],
      [60, 80, 120, 200, 400],
      [60, 50, 100, 100, 150],
    ],
    'One finger carries the whole way.',
  ),
  crossing: each('crossing', [280, 280, 250, 220], 'Every crossing asks the bow arm for a new level.'),
  stringSkipped: each('string-skipped', [800, 800, 800, 800], 'The bow passes over a string that must not sound.'),
  crossingAgainstMelody: each('crossing-against-melody', [350, 350, 350, 350], 'The ear expects a higher string for a higher note.'),
  crossingInSlur: each('crossing-in-slur', [60, 60, 60, 60], 'Another string inside one bow is another colour.'),
  openString: each('open-string', [100, 60, 0, -120], 'An open string rings and rests the hand, but cannot be shaded.'),
  harmonic: each('harmonic', [250, 250, 200, 150], 'A harmonic is sure in pitch and stands apart in colour.'),
  finger: fingers(
    'finger',
    [
      [0, 0, 0, 50, 220],
      [0, 0, 0, 50, 320],
      [200, 0, 0, 30, 50],
      [350, 0, 30, 20, 0],
    ],
    'The fourth finger is short, the thumb heavy.',
  ),
  weakOnHard: fingers(
    'weak-on-hard',
    [
      [0, 0, 0, 0, 0],
      [0, 0, 0, 0, 0],
      [0, 0, 0, 0, 0],
      [0, 0, 0, 0, 0],
    ],
    'Long and top notes want a long, strong finger; asked for by preference.',
  ),
  position: positions(
    'position',
    [
      [270, 0, 200, 80, 130, 140, 160],
      [270, 0, 200, 80, 130, 140, 160],
      [180, 180, 0, 100, 120, 40, 80, 40, 100, 140],
      [60, 60, 0, 60, 70, 70, 70, 80, 80, 90, 100],
    ],
    'Some positions are more at home than others.',
  ),
  positionPerNoteShare: share('position', [0.05, 0.05, 0.05, 0.05], 'A position is paid on entering; every note in it pays this share.'),
  highPlaceFrom: entry<number>('high-on-low-string', 'semitones', [0, 24], [8, 8, 7, 4], 'Up to here a thick string still speaks at once.'),
  highPlace: entry<number>(
    'high-on-low-string',
    'thousandths per semitone',
    [0, 1000],
    [60, 60, 50, 100],
    'High on a thick string the tone is slow and dull; for every string above.',
  ),
  highPlaceThumbShare: share(
    'high-on-low-string',
    [1, 1, 1, 0.5],
    'In thumb position the whole hand lies high, and on the double bass the bow with it.',
  ),
  reachedBack: each('reached-back', [220, 220, 130, 0], 'The first finger leaves its place while the hand stays.'),
  reachedForward: each('reached-forward', [900, 1100, 130, 200], 'The hand opens beyond its frame.'),
  drawnIn: each('drawn-in', [700, 700, 0, 0], 'A finger squeezed next to its neighbour.'),
  fingerASemitone: each(
    'finger-a-semitone',
    [300, 300, 0, 0],
    'In a run of semitones each finger may take one, but leaves its letter for it.',
  ),
  pivot: each('pivot', [0, 0, 0, 250], 'A rolled hand is less sure than one at rest.'),
  stretch: entry<number>('stretch', 'thousandths per mm', [0, 200], [40, 40, 16, 20], 'Beyond its comfort the hand tires and drifts.'),
  crowding: entry<number>(
    'crowding',
    'thousandths per mm',
    [0, 500],
    [40, 40, 40, 40],
    'Where a semitone is narrower than two fingers, one must give way.',
  ),
  thumbEntry: each('thumb-entry', [0, 0, 900, 900], 'Bringing the thumb onto the string is a move of its own.'),
  creeping: each('creeping', [550, 550, 0, 0], 'A hand that creeps loses its place unnoticed.'),
  respelling: each('respelling', [550, 550, 0, 0], 'The same place thought as another position unsettles the names.'),
  slide: entry<number>(
    'slide',
    'thousandths per semitone',
    [0, 10_000],
    [450, 450, 1200, 2000],
    'One finger taking two notes smears them.',
  ),
  neighbourLevel: each(
    'same-finger-neighbour',
    [450, 450, 350, 300],
    'One finger for two strings level with each other: it must hop or lie flat.',
  ),
  neighbourElsewhere: each('same-finger-neighbour', [900, 900, 700, 450], 'One finger for two strings at different heights: it must jump.'),
  fingerOrder: each('finger-order', [800, 800, 800, 800], 'A higher finger for a lower note crosses the hand.'),
  substitution: each('substitution', [350, 350, 350, 350], 'Changing fingers on one pitch is heard unless done well.'),
  opening: each('shape-change', [0, 0, 420, 400], 'Opening and closing the hand is what a fingering tries to save.'),
  openingIdleShare: share('shape-change', [1, 1, 2.6, 1], 'Harder when the finger that stays is not the one that plays.'),
  openingShiftShare: share('shape-change', [0, 0, 0.8, 0.8], 'While shifting, opening the hand costs a little less.'),
} as const;

/** Travel that needs no hurry, mm per second. */
export const EASY_SPEED_MM_PER_SECOND = 250;

/** The name of a weight. */
export type WeightName = keyof typeof WEIGHTS;

/** A complete set of weights: one value for every line of the table. */
export type Weights = { readonly [Name in WeightName]: (typeof WEIGHTS)[Name] extends WeightEntry<infer Value> ? Value : never };

function entry<Value extends WeightValue>(
  term: CostTerm,
  unit: WeightUnit,
  range: readonly [number, number],
  [violin, viola, cello, bass]: Defaults<Value>,
  reason: string,
): WeightEntry<Value> {
  const defaults: Readonly<Record<InstrumentKind, Value>> = { violin, viola, cello, bass };
  return { term, unit, range, reason, defaults };
}

function each(term: CostTerm, defaults: Defaults<number>, reason: string): WeightEntry<number> {
  return entry(term, 'thousandths each', [-2000, 10_000], defaults, reason);
}

function share(term: CostTerm, defaults: Defaults<number>, reason: string): WeightEntry<number> {
  return entry(term, 'share', [0, 5], defaults, reason);
}

function fingers(term: CostTerm, defaults: Defaults<PerFinger>, reason: string): WeightEntry<PerFinger> {
  return entry(term, 'thousandths by finger', [-2000, 5000], defaults, reason);
}

function positions(term: CostTerm, defaults: Defaults<readonly number[]>, reason: string): WeightEntry<readonly number[]> {
  return entry(term, 'thousandths by position', [-2000, 5000], defaults, reason);
}
