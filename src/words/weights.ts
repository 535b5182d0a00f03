import type { WeightName, WeightUnit } from '#core/weights';

/** How a weight is counted, in words. */
export const UNIT_LABELS: Readonly<Record<WeightUnit, string>> = {
  'thousandths each': 'each time',
  'thousandths by finger': 'by finger: T · 1 · 2 · 3 · 4',
  'thousandths by position': 'by position, from half position up',
  'thousandths per mm': 'for each mm',
  'thousandths per mm/s': 'for each mm/s above an easy speed',
  'thousandths per semitone': 'for each semitone',
  share: 'as a share',
  semitones: 'in semitones above the open string',
};

/** "Shift per mm": the name of a weight in documents, as words. */
export function weightName(name: string): string {
  const words = name.replace(/([A-Z])/g, (letter) => ` ${letter.toLowerCase()}`);
  return `${words.charAt(0).toUpperCase()}${words.slice(1)}`;
}

/** Why each weight is there, in a teacher's words. */
export const WEIGHT_REASONS: Readonly<Record<WeightName, string>> = {
  shift: 'A shift interrupts the line, whatever its size.',
  shiftPerMm: 'A longer way is harder to judge.',
  longShiftPerMm: 'Beyond about a fifth a shift is a leap.',
  semitoneShiftShare: 'One finger moving a semitone on its string hardly disturbs.',
  openShiftShare: 'While an open string sounds nobody hears the hand move; the way stays.',
  restShiftShare: 'A rest gives time to move.',
  shiftCrossing: 'Shifting and crossing at once leaves no guide.',
  shiftAgainstMelody: 'A hand that goes up while the melody goes down misleads the ear.',
  shiftUnderSlur: 'Inside a bow the way is heard.',
  shiftHaste: 'A quick way squeezes; counted above an easy speed.',
  leavingUp: 'Going up, a low finger leads the hand.',
  arrivingUp: 'Going up, a low finger leaves the others ready for what comes.',
  leavingDown: 'Coming down, the first finger leads the hand.',
  arrivingDown: 'Coming down, a high finger leaves the others ready for what comes.',
  sameFingerShift: 'One finger carries the whole way.',
  crossing: 'Every crossing asks the bow arm for a new level.',
  stringSkipped: 'The bow passes over a string that must not sound.',
  crossingAgainstMelody: 'The ear expects a higher string for a higher note.',
  crossingInSlur: 'Another string inside one bow is another colour.',
  openString: 'An open string rings and rests the hand, but cannot be shaded.',
  pedalCovered: 'A pedal note is written to ring on the open string.',
  rockingShare: 'Rocking between a ringing open string and its neighbour is one motion of the bow.',
  crossingOntoFourth: 'Above first position the fourth finger is hard to place straight after a crossing.',
  harmonic: 'A harmonic is sure in pitch and stands apart in colour.',
  finger: 'The fourth finger is short, the thumb heavy.',
  weakOnHard: 'Long and top notes want a long, strong finger; asked for by preference.',
  position: 'Some positions are more at home than others.',
  beginAway: 'A line begins at home, in half or first position, unless there is a reason.',
  endAway: 'A line ends at home, in half or first position, unless there is a reason.',
  positionPerNoteShare: 'A position is paid on entering; every note in it pays this share.',
  highPlaceFrom: 'Up to here a thick string still speaks at once.',
  highPlace: 'High on a thick string the tone is slow and dull; for every string above.',
  highPlaceThumbShare: 'In thumb position the whole hand lies high, and on the double bass the bow with it.',
  reachedBack: 'The first finger leaves its place while the hand stays.',
  reachedForward: 'The hand opens beyond its frame.',
  reachedOut: 'The fourth finger takes the letter beyond its own while the hand stays.',
  drawnIn: 'A finger squeezed next to its neighbour.',
  fingerASemitone: 'In a run of semitones each finger may take one, but leaves its letter for it.',
  fourthInSemitones: 'On the cello runs of semitones are usually 1-2-3 again and again.',
  pivot: 'A rolled hand is less sure than one at rest.',
  stretch: 'Beyond its comfort the hand tires and drifts.',
  crowding: 'Where a semitone is narrower than two fingers, one must give way.',
  thumbEntry: 'Bringing the thumb onto the string is a move of its own.',
  creeping: 'A hand that creeps loses its place unnoticed.',
  respelling: 'The same place thought as another position unsettles the names.',
  slide: 'One finger taking two notes smears them.',
  neighbourLevel: 'One finger for two strings level with each other: it must hop or lie flat.',
  neighbourElsewhere: 'One finger for two strings at different heights: it must jump.',
  fingerOrder: 'A higher finger for a lower note crosses the hand.',
  substitution: 'Changing fingers on one pitch is heard unless done well.',
  opening: 'Opening and closing the hand is what a fingering tries to save.',
  closingShare: 'Closing an opened hand costs less than opening it.',
  octaveStepShare: 'An octave that moves by a step keeps its frame.',
  octaveHand: 'Broken octaves lie in one hand: 1 and 4, in thumb position thumb and 3.',
  openingIdleShare: 'Harder when the finger that stays is not the one that plays.',
  openingShiftShare: 'While shifting, opening the hand costs a little less.',
};
