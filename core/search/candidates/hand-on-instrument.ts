import type { HandModel, KeyedStrings } from '#core/hand';
import type { Instrument } from '#core/instrument';

/** A hand on an instrument, with the highest place it may use. */
export interface HandOnInstrument {
  /** The instrument played. */
  readonly instrument: Instrument;
  /** The hand that plays it. */
  readonly hand: HandModel;
  /** The places at which the key of the line puts the letters. */
  readonly keyed: KeyedStrings;
  /** The highest anchor that is of use, semitones above the open string. */
  readonly highestAnchor: number;
}
