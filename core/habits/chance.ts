/**
 * Calculates the upper tail of the binomial distribution term by term: the probability that of independent trials at least a
 * number succeed.
 *
 * @param successes 0 to `trials`
 * @param probability of one success, 0 to 1
 */
export function chanceOfAtLeast(successes: number, trials: number, probability: number): number {
  let term = (1 - probability) ** trials;
  let sum = successes <= 0 ? term : 0;
  for (let count = 1; count <= trials; count += 1) {
    term *= ((trials - count + 1) / count) * (probability / (1 - probability));
    if (count >= successes) sum += term;
  }
  return Math.min(1, sum);
}
