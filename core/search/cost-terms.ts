/** Every named part of the cost of a fingering, in a teacher's words. */
export const COST_TERMS = {
  finger: 'a weaker finger carries the note',
  'weak-on-hard': 'a weaker finger carries a long or top note',
  'open-string': 'the open string cannot be shaded by the hand',
  harmonic: 'the harmonic stands apart in colour',
  'high-on-low-string': 'a high place on a thick string speaks late',
  'reached-back': 'the hand is open, the first finger reaching back',
  'reached-forward': 'the hand is open, reaching forward',
  'drawn-in': 'a finger is drawn in',
  'finger-a-semitone': 'the fingers leave their letters, one a semitone',
  pivot: 'the hand rolls around its thumb',
  stretch: 'the hand stretches beyond its comfort',
  crowding: 'the fingers have less room than their own width',
  thumb: 'the thumb carries the hand',
  'thumb-entry': 'the thumb comes onto the string or leaves it',
  position: 'the position is less at home than first',
  shift: 'a shift interrupts the line',
  'shift-travel': 'the hand travels',
  'shift-haste': 'the hand must travel fast',
  'shift-under-slur': 'the shift is heard inside the bow',
  leaving: 'the shift leaves on a weaker finger',
  arriving: 'the shift arrives on a weaker finger',
  'same-finger-shift': 'the same finger carries the shift',
  'crossing-while-shifting': 'the bow crosses while the hand shifts',
  'shift-against-melody': 'the hand goes one way and the melody the other',
  crossing: 'the bow crosses to another string',
  'crossing-in-slur': 'the colour changes inside a bow',
  'string-skipped': 'the bow passes over a string',
  'crossing-against-melody': 'the bow crosses one way and the melody goes the other',
  creeping: 'the hand creeps a semitone without a shift',
  respelling: 'the position is read anew while the hand stays',
  slide: 'one finger slides to another note',
  'same-finger-neighbour': 'one finger must jump to the neighbouring string',
  'finger-order': 'the fingers fall in the wrong order',
  substitution: 'another finger takes the same note',
  'shape-change': 'the hand opens or closes',
} as const;

/** The name of one part of the cost. */
export type CostTerm = keyof typeof COST_TERMS;

/** Receives the parts of a cost, in thousandths of a unit. */
export type TermSink = (term: CostTerm, thousandths: number) => void;
