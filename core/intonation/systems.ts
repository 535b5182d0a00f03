import { fifthsOf, type Pitch } from '#core/pitch';
import type { IntonationSystem } from './choices.ts';
import { centsOfRatio } from './ratio.ts';

/** The values from which targets are calculated. */
export interface Intonation {
  /** The system at which the notes aim. */
  readonly system: IntonationSystem;
  /** The note to which pure intonation refers and whose leading note the melodic system raises; its octave has no meaning. */
  readonly tonic: Pitch;
  /** The cents by which the leading note is raised. */
  readonly leadingCents: number;
}

/** The excess of a pure fifth over an equal one, cents: 1200·log2(3/2) − 700 = 1.955. */
const FIFTH_EXCESS_CENTS = centsOfRatio({ p: 3, q: 2 }) - 700;

/** The syntonic comma, 81 : 80, cents: 21.506. Four pure fifths are wider by it than two octaves and a pure major third. */
const SYNTONIC_COMMA_CENTS = centsOfRatio({ p: 81, q: 80 });

/** The place of A on the line of fifths: every chain of fifths passes through the reference. */
const A_FIFTHS = 3;

/** The place of the leading note, five fifths above its tonic: a major seventh. */
const LEADING_FIFTHS = 5;

/**
 * Gives the distance of the target of a pitch from equal temperament, cents, sharp positive; 0 for A in every system but the pure
 * one, where the tonic stands on the chain of pure fifths through A and A has its ratio to that tonic.
 *
 * - linear: each fifth from A adds 1.955 cents (so D♯ lies above E♭);
 * - quarter-comma: each fifth is a quarter of the syntonic comma narrower than pure, so that four of them make a pure
 *   major third (the meantone temperament of the sixteenth century);
 * - pure: the ratio to the tonic made of 2, 3 and 5 (see `commasToTonic`);
 * - melodic: linear, degree 7 raised.
 */
export function centsFromEqual(pitch: Pitch, { system, tonic, leadingCents }: Intonation): number {
  const fromA = fifthsOf(pitch) - A_FIFTHS;
  const fromTonic = fifthsOf(pitch) - fifthsOf(tonic);
  switch (system) {
    case 'equal':
      return 0;
    case 'linear':
      return fromA * FIFTH_EXCESS_CENTS;
    case 'quarter-comma':
      return fromA * (FIFTH_EXCESS_CENTS - SYNTONIC_COMMA_CENTS / 4);
    case 'pure':
      return fromA * FIFTH_EXCESS_CENTS - commasToTonic(fromTonic) * SYNTONIC_COMMA_CENTS;
    case 'melodic':
      return fromA * FIFTH_EXCESS_CENTS + (fromTonic === LEADING_FIFTHS ? leadingCents : 0);
  }
}

/**
 * Gives the number of commas by which a pitch a number of fifths from the tonic is lowered to make its pure ratio: none for fifth, fourth,
 * second (9 : 8) and its inversion (16 : 9); one for sixth, third, seventh and augmented fourth (5 : 3, 5 : 4, 15 : 8, 45 : 32), and so on
 * by fours; below the tonic the inversions are raised by as much (minor third 6 : 5, minor sixth 8 : 5). An interval and its inversion thus
 * make an octave. The other minor seventh, 9 : 5, lies a comma above this one.
 */
function commasToTonic(fifths: number): number {
  return Math.sign(fifths) * Math.floor((Math.abs(fifths) + 1) / 4);
}
