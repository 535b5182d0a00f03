/** The pitch of a note over its length. */
export interface SteadyPitch {
  /** The pitch it has in the middle of its swinging, cents. */
  readonly centre: number;
  /** The swing of a vibrato to either side, cents; 0 where none is heard. */
  readonly vibrato: number;
  /** The change from its beginning to its end, cents; sharp positive. */
  readonly drift: number;
  /** The rest when both are taken away, cents (root mean square). */
  readonly rest: number;
}

/** The rates at which a vibrato swings, Hz. */
const RATES = [4, 4.5, 5, 5.5, 6, 6.5, 7, 7.5, 8];

/** The shortest time in which a swing and a drift are told apart, seconds, and the least swing that is called a vibrato, cents. */
const NEEDS_SECONDS = 0.3;
const LEAST_VIBRATO = 9;

/**
 * Takes the pitch of a note apart: a steady centre, a drift in a straight line, and one swing at the rate of a vibrato, by least squares;
 * a short note has only its mean. `times` in seconds, `cents` in any reference.
 */
export function steadyPitch(times: readonly number[], cents: readonly number[]): SteadyPitch {
  const mean = cents.reduce((sum, value) => sum + value, 0) / Math.max(1, cents.length);
  const length = (times.at(-1) ?? 0) - (times[0] ?? 0);
  const plain: SteadyPitch = { centre: mean, vibrato: 0, drift: 0, rest: rootMeanSquare(cents.map((value) => value - mean)) };
  if (length < NEEDS_SECONDS) return plain;
  const middle = (times.at(-1) ?? 0) - length / 2;
  const fitted = RATES.map((rate) =>
    fitAt(
      times.map((time) => time - middle),
      cents,
      rate,
    ),
  );
  const best = fitted.reduce((one, other) => (other.rest < one.rest ? other : one));
  return best.vibrato < LEAST_VIBRATO ? { ...best, centre: mean, vibrato: 0 } : { ...best, drift: best.drift * length };
}

/** Fits a centre, a slope and one swing at a rate. */
function fitAt(times: readonly number[], cents: readonly number[], rate: number): SteadyPitch {
  const rows = times.map((time) => [1, time, Math.sin(2 * Math.PI * rate * time), Math.cos(2 * Math.PI * rate * time)]);
  const size = 4;
  const sums = Array.from({ length: size }, (_, row) =>
    Array.from({ length: size + 1 }, (_, column) =>
      rows.reduce((sum, values, index) => sum + (values[row] ?? 0) * (column < size ? (values[column] ?? 0) : (cents[index] ?? 0)), 0),
    ),
  );
  const [centre = 0, slope = 0, sine = 0, cosine = 0] = solveEquations(sums);
  const left = rows.map(
    (values, index) => (cents[index] ?? 0) - [centre, slope, sine, cosine].reduce((sum, by, at) => sum + by * (values[at] ?? 0), 0),
  );
  return { centre, vibrato: Math.hypot(sine, cosine), drift: slope, rest: rootMeanSquare(left) };
}

/** Solves equations by elimination (Gauss), the largest pivot first; each row ends with its right side. */
function solveEquations(equations: readonly (readonly number[])[]): readonly number[] {
  const rows = equations.map((row) => [...row]);
  for (let column = 0; column < rows.length; column += 1) {
    const order = rows.map((row, index) => [index < column ? -1 : Math.abs(row[column] ?? 0), index] as const);
    const [, pivot] = order.reduce((most, other) => (other[0] > most[0] ? other : most));
    const [here = [], there = []] = [rows[column], rows[pivot]];
    [rows[column], rows[pivot]] = [there, here];
    for (const [index, row] of rows.entries()) {
      const largest = there[column] ?? 0;
      if (index === column || largest === 0) continue;
      const share = (row[column] ?? 0) / largest;
      rows[index] = row.map((value, at) => value - share * (there[at] ?? 0));
    }
  }
  return rows.map((row, index) => (row[index] ? (row.at(-1) ?? 0) / row[index] : 0));
}

function rootMeanSquare(values: readonly number[]): number {
  return Math.sqrt(values.reduce((sum, value) => sum + value ** 2, 0) / Math.max(1, values.length));
}
