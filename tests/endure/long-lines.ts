/**
 * Plans many random lines of 50 to 3,000 notes on all four instruments: none may be refused that another way of searching plans. `npm run
 * endure:lines -- 2000` (default 40; a seed may follow).
 */
import { attempt } from '#core/solve';
import { randomLine } from '../support/plans/random-lines.ts';
import { leastCostByStays } from '../support/plans/stay-programme.ts';

const [lines = 40, seed = 1] = process.argv.slice(2).map(Number);
const NOTES = { least: 50, most: 3000 } as const;

let notes = 0;
let refused = 0;
for (let line = seed; line < seed + lines; line += 1) {
  const brief = randomLine(line, NOTES.most, NOTES.least);
  const tried = attempt(brief);
  if (tried.kind === 'solved') notes += tried.solved.steps.length;
  else if (tried.kind === 'no-way') {
    const { task, lattice } = tried.laid;
    if (leastCostByStays(task.hand, lattice, Infinity) < Infinity) {
      refused += 1;
      console.log(`line ${line} (${brief.instrument.kind}) is refused, and can be planned`);
    }
  } else throw new Error(`Line ${line} cannot be laid out: ${tried.kind}`);
  if ((line - seed) % 100 === 99) console.log(`${line - seed + 1} lines, ${notes} notes, ${refused} refused`);
}
console.log(`${lines} lines, ${notes} notes, ${refused} refused that can be planned`);
process.exitCode = refused === 0 ? 0 : 1;
