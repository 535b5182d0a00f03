/**
 * The name of every part of the cost of a fingering. What each says to a teacher is a matter of the words on the screen;
 * what it is counted for, of the table of weights.
 */
export type CostTerm =
  | 'finger'
  | 'weak-on-hard'
  | 'open-string'
  | 'harmonic'
  | 'high-on-low-string'
  | 'reached-back'
  | 'reached-forward'
  | 'drawn-in'
  | 'finger-a-semitone'
  | 'pivot'
  | 'stretch'
  | 'crowding'
  | 'thumb'
  | 'thumb-entry'
  | 'position'
  | 'shift'
  | 'shift-travel'
  | 'shift-haste'
  | 'shift-under-slur'
  | 'leaving'
  | 'arriving'
  | 'same-finger-shift'
  | 'crossing-while-shifting'
  | 'shift-against-melody'
  | 'crossing'
  | 'crossing-in-slur'
  | 'string-skipped'
  | 'crossing-against-melody'
  | 'creeping'
  | 'respelling'
  | 'slide'
  | 'same-finger-neighbour'
  | 'finger-order'
  | 'substitution'
  | 'shape-change';

/** Receives the parts of a cost, in thousandths of a unit. */
export type TermSink = (term: CostTerm, thousandths: number) => void;
