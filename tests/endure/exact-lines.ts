/**
 * Plans random lines of up to 60 notes and compares the cost of each with a programme over stays, which finds it in another way. `npm run
 * endure:exact -- 500` (default 20; a seed may follow).
 */
import { attempt } from '#core/solve';
import { randomLine } from '../support/plans/random-lines.ts';
import { leastCostByStays } from '../support/plans/stay-programme.ts';

const [lines = 20, seed = 5000] = process.argv.slice(2).map(Number);
const MOST_NOTES = 60;

let different = 0;
for (let line = seed; line < seed + lines; line += 1) {
  const tried = attempt(randomLine(line, MOST_NOTES));
  if (tried.kind !== 'solved') throw new Error(`Line ${line} has no fingering: ${tried.kind}`);
  const { task, lattice, way } = tried.solved;
  const least = leastCostByStays(task.hand, lattice, way.cost);
  if (least === way.cost) continue;
  different += 1;
  console.log(`line ${line}: ${way.cost} found, ${least} by stays`);
}
console.log(`${lines} lines, ${different} different`);
process.exitCode = different === 0 ? 0 : 1;
