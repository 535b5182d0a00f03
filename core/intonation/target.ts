import { type Instrument, type OpenString, stringOf } from '#core/instrument';
import { mmFromNut, semitonesAtMm } from '#core/instrument/geometry';
import { frequencyHz, type Pitch } from '#core/pitch';
import { factorOfCents } from './ratio.ts';
import { centsFromEqual, type Intonation } from './systems.ts';

/** The target of one note on one string. */
export interface Target {
  /** The distance from equal temperament, cents, sharp positive. */
  readonly cents: number;
  /** The target frequency, Hz. */
  readonly hz: number;
  /** The place of the finger, mm from the nut; reduced by what pressing moves it, where that was measured. Never negative. */
  readonly mmFromNut: number;
  /** The distance from the place that sounds the equal-tempered pitch on the same string, mm, towards the bridge positive. */
  readonly mmFromEqual: number;
}

/** Gives the distance of an open string, tuned as this instrument's are, from equal temperament, cents: the A is always 0. */
export function openStringCents({ openTuning }: Pick<Instrument, 'openTuning'>, open: Pitch): number {
  return openTuning === 'equal' ? 0 : centsFromEqual(open, { system: 'linear', tonic: open, leadingCents: 0 });
}

/** Gives the frequency of an open string, Hz. */
export function openStringHz(instrument: Pick<Instrument, 'openTuning' | 'a4Hz'>, { open }: Pick<OpenString, 'open'>): number {
  return frequencyHz(open, instrument.a4Hz) * factorOfCents(openStringCents(instrument, open));
}

/**
 * Gives the place of a pitch on a string when it is to sound `cents` from equal temperament: `mm = L·(1 − f_open/f)` (Mersenne), less what
 * pressing adds.
 */
function placeMm(instrument: Instrument, stringIndex: number, pitch: Pitch, cents: number): number {
  const openHz = openStringHz(instrument, stringOf(instrument, stringIndex));
  const hz = frequencyHz(pitch, instrument.a4Hz) * factorOfCents(cents);
  return Math.max(0, instrument.stringLengthMm * (1 - openHz / hz) - (instrument.pressingMm[stringIndex] ?? 0));
}

/** Gives the target of a pitch stopped on a string. */
export function targetOn(instrument: Instrument, stringIndex: number, pitch: Pitch, intonation: Intonation): Target {
  const cents = centsFromEqual(pitch, intonation);
  const mm = placeMm(instrument, stringIndex, pitch, cents);
  return {
    cents,
    hz: frequencyHz(pitch, instrument.a4Hz) * factorOfCents(cents),
    mmFromNut: mm,
    mmFromEqual: mm - placeMm(instrument, stringIndex, pitch, 0),
  };
}

/** Gives the sound of an open string as its target: it sounds as it was tuned, whatever the system. */
export function openTarget(instrument: Instrument, stringIndex: number): Target {
  const string = stringOf(instrument, stringIndex);
  return { cents: openStringCents(instrument, string.open), hz: openStringHz(instrument, string), mmFromNut: 0, mmFromEqual: 0 };
}

/** Gives the mm of a number of cents at a place: the exact distance, sharp positive. */
export function mmOfCents(lengthMm: number, semitones: number, cents: number): number {
  return mmFromNut(lengthMm, semitones + cents / 100) - mmFromNut(lengthMm, semitones);
}

/** Gives the cents of a number of mm at a place, towards the bridge positive: the inverse of `mmOfCents`. */
export function centsOfMm(lengthMm: number, semitones: number, mm: number): number {
  return 100 * (semitonesAtMm(lengthMm, mmFromNut(lengthMm, semitones) + mm) - semitones);
}
