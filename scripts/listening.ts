/**
 * Reads takes of the simulated player, whose misses are known, and prints how well they were read: `npm run listening`
 * (`-- 60` for that number of takes). Takes are shared out among the cores.
 */
import { fork } from 'node:child_process';
import { availableParallelism } from 'node:os';
import { fileURLToPath } from 'node:url';
import { INSTRUMENT_KINDS } from '#core/instrument';
import { CONDITIONS, LIMITS } from '../tests/support/listening/seeded-takes.ts';
import { type ReadTake, tallyOf } from '../tests/support/listening/tally.ts';

const TAKES = 600;

const since = Date.now();
const count = Number(process.argv[2] ?? TAKES);
const cores = availableParallelism();
const takes = (await Promise.all(Array.from({ length: cores }, (_, core) => takesOf(core)))).flat();
for (const kind of [null, ...INSTRUMENT_KINDS]) {
  const some = takes.filter((take) => kind === null || take.kind === kind);
  console.log(`\n${kind ?? 'all instruments'}`);
  for (const condition of CONDITIONS) {
    console.log(rowOf(some, condition, false));
    if (tallyOf(some, condition).pairs.pairs > 0) console.log(pairRowOf(some, condition));
    if (tallyOf(some, condition, true).notes > 0) console.log(rowOf(some, condition, true));
  }
}
const [sound, took] = [takes.reduce((sum, take) => sum + take.seconds, 0), takes.reduce((sum, take) => sum + take.took, 0)];
console.log(`\n60 s of sound are read in ${((60 * took) / sound).toFixed(1)} s of one core, ${cores} cores at work`);
console.log(`${takes.length} takes, ${(sound / 60).toFixed(0)} minutes of sound, in ${Math.round((Date.now() - since) / 1000)} s`);

/** Gives a row of the table: of the notes that count, or of short low ones, which are given apart. */
function rowOf(some: readonly ReadTake[], condition: (typeof CONDITIONS)[number], apart: boolean): string {
  const { takes: number, notes, within, begun, aligned, invented, missed, directed } = tallyOf(some, condition, apart);
  return [
    `  ${apart ? '  short and low' : condition.padEnd(14)}`,
    `${number} takes, ${notes} notes`,
    `within ${LIMITS[condition].cents} cents ${within.toFixed(1)} %`,
    `beginning within 30 ms ${begun.toFixed(1)} %`,
    `aligned ${aligned.toFixed(1)} %, invented ${invented.toFixed(1)} %`,
    `direction ${directed.toFixed(1)} % of ${missed}`,
  ].join(' · ');
}

/** Gives a row of the octaves and unisons that are long enough to beat. */
function pairRowOf(some: readonly ReadTake[], condition: (typeof CONDITIONS)[number]): string {
  const { pairs, within, told, right } = tallyOf(some, condition).pairs;
  return `    that beat      · ${pairs} pairs · size within 4 cents ${within.toFixed(1)} % · side right ${right.toFixed(1)} % of ${told} told`;
}

async function takesOf(core: number): Promise<readonly ReadTake[]> {
  const seeds = Array.from({ length: count }, (_, seed) => seed).filter((seed) => seed % cores === core);
  const child = fork(fileURLToPath(new URL('listening/read-seeds.ts', import.meta.url)), [], { execArgv: process.execArgv });
  return await new Promise((resolve, reject) => {
    child.on('message', (read: readonly ReadTake[]) => resolve(read));
    child.on('exit', (code) => reject(new Error(`The takes ended with code ${code} before they were read`)));
    child.send(seeds);
  });
}
