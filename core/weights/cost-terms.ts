/**
 * The name of every part of the cost of a fingering. What each says to a teacher is a matter of the words on the screen;
 * what it is counted for, of the table of weights.
 */
export type CostTerm =
  | 'finger'
  | 'weak-on-hard'
  | 'open-string'
  | 'pedal-covered'
  | 'harmonic'
  | 'high-on-low-string'
  | 'reached-back'
  | 'reached-forward'
  | 'reached-out'
  | 'drawn-in'
  | 'finger-a-semitone'
  | 'fourth-in-semitones'
  | 'pivot'
  | 'stretch'
  | 'crowding'
  | 'thumb'
  | 'thumb-entry'
  | 'position'
  | 'away-from-home'
  | 'shift'
  | 'shift-travel'
  | 'shift-haste'
  | 'shift-under-slur'
  | 'leaving'
  | 'arriving'
  | 'same-finger-shift'
  | 'crossing-while-shifting'
  | 'shift-against-melody'
  | 'octave-hand'
  | 'crossing'
  | 'crossing-in-slur'
  | 'string-skipped'
  | 'crossing-against-melody'
  | 'crossing-onto-fourth'
  | 'creeping'
  | 'respelling'
  | 'slide'
  | 'same-finger-neighbour'
  | 'finger-order'
  | 'substitution'
  | 'shape-change';

/** Receives the parts of a cost, in thousandths of a unit. */
export type TermSink = (term: CostTerm, thousandths: number) => void;
