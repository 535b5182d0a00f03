import type { Sound } from '#core/listening';
import { type Swelling, swellingAt, turnBack, turningOf } from './swelling.ts';

/** The distance of the interval of a pair from a pure one, whose partials meet. */
export interface PairMiss {
  /** The size of the miss, cents. */
  readonly size: number;
  /** The side: 1 for an interval that is too wide, −1 for one that is too narrow; null where the sound does not show it. */
  readonly side: 1 | -1 | null;
}

/** The partials of the upper voice that are looked at: a beat is twice as quick on the second. */
const LOOKED_AT = [1, 2, 3] as const;

/** The largest miss that is tried, and the steps, cents. */
const AT_MOST = 70;
const STEP = 0.5;

/** The least by which the other side fits worse, so that a side is told: a ratio of likelihoods, as its logarithm. */
const OTHER_SIDE = 3;

/**
 * Reads the miss of an octave (`times` 2) or another interval that is a multiple of the lower note: where the upper voice lies beside a
 * partial of the lower, the two beat. Seen from the lower voice, whose own partials give its turning at every moment, such a partial is a
 * part that stands and a part that turns with the beat: both are fitted by least squares for every size and side of the miss, and the most
 * likely is taken. The way in which it turns is the side.
 */
export function octaveMiss(part: Sound, lowerHz: number, times: number): PairMiss {
  const strongest = (Array.from({ length: 5 }, (_, order) => order + 1) as readonly number[])
    .filter((partial) => partial % times !== 0 && partial * lowerHz < 0.45 * part.sampleRate)
    .map((partial) => ({ partial, swelling: swellingAt(part, partial * lowerHz, lowerHz) }))
    .reduce((one, other) => (strengthOf(other.swelling) * other.partial > strengthOf(one.swelling) * one.partial ? other : one));
  const turning = turningOf(strongest.swelling);
  const swellings = audiblePartials(part, lowerHz * times).map((partial) => {
    const own = partial * times;
    const by = turning.map((angle) => (angle * own) / strongest.partial);
    return { partial, swelling: turnBack(swellingAt(part, own * lowerHz, lowerHz), by) };
  });
  const unlikely = (cents: number): number =>
    swellings.reduce((sum, { partial, swelling }) => sum + unlikelinessOf(swelling, differenceHz(lowerHz * times * partial, cents)), 0);
  const [best, least] = leastOf(-AT_MOST, unlikely);
  const isTold = best !== 0 && unlikely(-best) - least > OTHER_SIDE;
  return { size: Math.abs(best), side: isTold ? (best > 0 ? 1 : -1) : null };
}

/**
 * Reads the miss of a unison by the swelling of its partials, whose squares rise and fall with the beat. Which of the two voices is the
 * higher one, no sound tells.
 */
export function unisonMiss(part: Sound, hz: number): PairMiss {
  const squares = audiblePartials(part, hz).map((partial) => {
    const { real, imaginary, every } = swellingAt(part, partial * hz, hz);
    return { partial, power: real.map((x, order) => x * x + (imaginary[order] ?? 0) ** 2), every };
  });
  const unlikely = (cents: number): number =>
    squares.reduce((sum, { partial, power, every }) => sum + unevenness(power, every, differenceHz(hz * partial, cents)), 0);
  return { size: leastOf(0, unlikely)[0], side: null };
}

function audiblePartials({ sampleRate }: Sound, hz: number): readonly number[] {
  return LOOKED_AT.filter((partial) => partial * hz < 0.45 * sampleRate);
}

function differenceHz(hz: number, cents: number): number {
  return hz * (2 ** (cents / 1200) - 1);
}

/** Finds the miss, from the lowest tried up, at which something is least. */
function leastOf(lowest: number, of: (cents: number) => number): readonly [number, number] {
  let [best, least] = [0, Infinity];
  for (let cents = lowest; cents <= AT_MOST; cents += STEP) {
    const now = of(cents);
    if (now < least) [best, least] = [cents, now];
  }
  return [best, least];
}

function strengthOf({ real, imaginary }: Swelling): number {
  return real.reduce((sum, x, order) => sum + Math.hypot(x, imaginary[order] ?? 0), 0);
}

/** The numbers of a swelling that tell something of their own: they overlap. */
const OVERLAP = 3;

/** Gives how unlikely it is that a swelling is a part that stands and a part that turns, by what both leave of it (least squares). */
function unlikelinessOf({ real, imaginary, every }: Swelling, hz: number): number {
  const count = real.length;
  let [energy, sumReal, sumImaginary, alongReal, alongImaginary, cosines, sines] = [0, 0, 0, 0, 0, 0, 0];
  for (let order = 0; order < count; order += 1) {
    const [x, y] = [real[order] ?? 0, imaginary[order] ?? 0];
    const angle = 2 * Math.PI * hz * order * every;
    const [cosine, sine] = [Math.cos(angle), Math.sin(angle)];
    energy += x * x + y * y;
    sumReal += x;
    sumImaginary += y;
    alongReal += x * cosine + y * sine;
    alongImaginary += y * cosine - x * sine;
    cosines += cosine;
    sines += sine;
  }
  // The standing part is one column, the turning part the other; what they have in common is counted once.
  const common = (cosines ** 2 + sines ** 2) / count;
  const standing = (sumReal ** 2 + sumImaginary ** 2) / count;
  const restReal = alongReal - (sumReal * cosines + sumImaginary * sines) / count;
  const restImaginary = alongImaginary - (sumImaginary * cosines - sumReal * sines) / count;
  const turning = count - common > 1e-3 * count ? (restReal ** 2 + restImaginary ** 2) / (count - common) : 0;
  const left = Math.max(energy - standing - turning, 1e-6 * energy) / Math.max(energy, 1e-12);
  return (count / OVERLAP) * Math.log(left);
}

/** Gives how unlikely it is that a power is steady but for one beat. */
function unevenness(power: Float64Array, every: number, hz: number): number {
  const count = power.length;
  const mean = power.reduce((sum, value) => sum + value, 0) / Math.max(1, count);
  const rows = [...power].map((value, order) => {
    const angle = 2 * Math.PI * hz * order * every;
    return [value - mean, Math.cos(angle), Math.sin(angle)] as const;
  });
  const meanOf = (column: 1 | 2): number => rows.reduce((sum, row) => sum + row[column], 0) / Math.max(1, count);
  const [cosine, sine] = [meanOf(1), meanOf(2)];
  let [energy, cc, cs, ss, vc, vs] = [0, 0, 0, 0, 0, 0];
  for (const [value, one, other] of rows) {
    const [c, s] = [one - cosine, other - sine];
    energy += value * value;
    cc += c * c;
    cs += c * s;
    ss += s * s;
    vc += value * c;
    vs += value * s;
  }
  const determinant = cc * ss - cs * cs;
  const explained = determinant > 1e-6 * count * count ? (vc * vc * ss - 2 * vc * vs * cs + vs * vs * cc) / determinant : 0;
  const left = Math.max(energy - explained, 1e-6 * energy) / Math.max(energy, 1e-12);
  return (count / OVERLAP) * Math.log(left);
}
