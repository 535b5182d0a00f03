import type { CostTerm } from '#core/weights';

/** A part of the cost in a teacher's words, with the words for one and for several. */
interface TermWords {
  readonly says: string;
  readonly one: string;
  readonly many: string;
}

/** The words for every part of the cost of a fingering. */
export const COST_TERMS: Readonly<Record<CostTerm, TermWords>> = {
  finger: { says: 'a weaker finger carries the note', one: 'weaker finger', many: 'weaker fingers' },
  'weak-on-hard': {
    says: 'a weaker finger carries a long or top note',
    one: 'weaker finger on a long or top note',
    many: 'weaker fingers on long or top notes',
  },
  'open-string': { says: 'the open string cannot be shaded by the hand', one: 'open string', many: 'open strings' },
  'pedal-covered': {
    says: 'a note that the line keeps coming back to does not ring',
    one: 'pedal note stopped',
    many: 'pedal notes stopped',
  },
  'crossing-onto-fourth': {
    says: 'the bow crosses onto the fourth finger above first position',
    one: 'crossing onto the fourth finger',
    many: 'crossings onto the fourth finger',
  },
  'away-from-home': {
    says: 'the line begins or ends away from first position',
    one: 'beginning or end away from first position',
    many: 'beginnings and ends away from first position',
  },
  'fourth-in-semitones': {
    says: 'the fourth finger plays in a run of semitones, where the first three are usual',
    one: 'fourth finger in a run of semitones',
    many: 'fourth fingers in runs of semitones',
  },
  harmonic: { says: 'the harmonic stands apart in colour', one: 'harmonic', many: 'harmonics' },
  'moving-in-ornament': {
    says: 'a weak finger moves in a trill or mordent',
    one: 'weak finger moving in an ornament',
    many: 'weak fingers moving in ornaments',
  },
  'ornament-on-open': {
    says: 'the trill or mordent stands on an open string',
    one: 'ornament on an open string',
    many: 'ornaments on open strings',
  },
  'high-on-low-string': {
    says: 'a high place on a thick string speaks late',
    one: 'high place on a thick string',
    many: 'high places on a thick string',
  },
  'low-first': { says: 'the first finger stands low', one: 'low first finger', many: 'low first fingers' },
  'reached-back': { says: 'the hand is extended, the first finger reaching back', one: 'backward extension', many: 'backward extensions' },
  'reached-forward': { says: 'the hand is extended, reaching forward', one: 'forward extension', many: 'forward extensions' },
  'reached-out': {
    says: 'the fourth finger reaches out of the position',
    one: 'fourth-finger extension',
    many: 'fourth-finger extensions',
  },
  'octave-hand': { says: 'the octave is not in the hand', one: 'octave out of the hand', many: 'octaves out of the hand' },
  'drawn-in': { says: 'a finger stands closer than usual', one: 'finger set closer', many: 'fingers set closer' },
  'finger-a-semitone': {
    says: 'the fingers leave their letters, one a semitone',
    one: 'finger off its letter',
    many: 'fingers off their letters',
  },
  pivot: { says: 'the hand rolls around its thumb', one: 'pivot', many: 'pivots' },
  stretch: { says: 'the hand stretches beyond its comfort', one: 'stretch', many: 'stretches' },
  crowding: { says: 'the fingers have less room than their own width', one: 'crowded finger', many: 'crowded fingers' },
  thumb: { says: 'the thumb carries the hand', one: 'note on the thumb', many: 'notes on the thumb' },
  'thumb-entry': { says: 'the thumb comes onto the string or leaves it', one: 'move of the thumb', many: 'moves of the thumb' },
  position: {
    says: 'the position is less at home than first',
    one: 'note in a less usual position',
    many: 'notes in a less usual position',
  },
  shift: { says: 'a shift interrupts the line', one: 'shift', many: 'shifts' },
  'shift-travel': { says: 'the hand travels', one: 'hand travel', many: 'hand travels' },
  'shift-haste': { says: 'the hand must travel fast', one: 'hurried shift', many: 'hurried shifts' },
  'shift-under-slur': { says: 'the shift is heard inside the bow', one: 'shift inside a bow', many: 'shifts inside a bow' },
  leaving: {
    says: 'the shift leaves on a weaker finger',
    one: 'shift leaving on a weaker finger',
    many: 'shifts leaving on a weaker finger',
  },
  arriving: {
    says: 'the shift arrives on a weaker finger',
    one: 'shift arriving on a weaker finger',
    many: 'shifts arriving on a weaker finger',
  },
  'same-finger-shift': { says: 'the same finger carries the shift', one: 'shift on one finger', many: 'shifts on one finger' },
  'crossing-while-shifting': {
    says: 'the bow crosses while the hand shifts',
    one: 'crossing within a shift',
    many: 'crossings within a shift',
  },
  'shift-against-melody': {
    says: 'the hand goes one way and the melody the other',
    one: 'shift against the melody',
    many: 'shifts against the melody',
  },
  'fingers-left': {
    says: 'the hand moves before its fingers are used up',
    one: 'shift with fingers left over',
    many: 'shifts with fingers left over',
  },
  'one-note-stay': { says: 'the hand comes for one note and leaves again', one: 'stay for one note', many: 'stays for one note' },
  'open-and-stopped': {
    says: 'a note comes back open where it was stopped, or the other way round',
    one: 'note both open and stopped',
    many: 'notes both open and stopped',
  },
  crossing: { says: 'the bow crosses to another string', one: 'string crossing', many: 'string crossings' },
  'crossing-in-slur': { says: 'the colour changes inside a bow', one: 'crossing inside a bow', many: 'crossings inside a bow' },
  'string-skipped': { says: 'the bow passes over a string', one: 'skipped string', many: 'skipped strings' },
  'crossing-against-melody': {
    says: 'the bow crosses one way and the melody goes the other',
    one: 'crossing against the melody',
    many: 'crossings against the melody',
  },
  creeping: { says: 'the hand creeps a semitone without a shift', one: 'creep of the hand', many: 'creeps of the hand' },
  respelling: {
    says: 'the position changes its name while the hand does not move',
    one: 'position renamed without a shift',
    many: 'positions renamed without a shift',
  },
  slide: { says: 'one finger slides to another note', one: 'slide of one finger', many: 'slides of one finger' },
  'same-finger-neighbour': {
    says: 'one finger must jump to the neighbouring string',
    one: 'jump of one finger to the next string',
    many: 'jumps of one finger to the next string',
  },
  'finger-order': { says: 'the fingers fall in the wrong order', one: 'crossed finger', many: 'crossed fingers' },
  substitution: {
    says: 'another finger takes the same note',
    one: 'change of finger on one pitch',
    many: 'changes of finger on one pitch',
  },
  'shape-change': {
    says: 'the hand extends or closes',
    one: 'change between closed and extended hand',
    many: 'changes between closed and extended hand',
  },
};
