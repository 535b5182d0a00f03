/**
 * Writes all that the engine says of many briefs, a line of JSON each, and compares it with what an earlier tree wrote:
 * `npm run results -- now.ndjson` and then `npm run results -- now.ndjson before.ndjson`. The briefs are those of the
 * reference fingerings and 500 seeded ones; of each the plan as data, its alternatives, checks, reasons, ways to play.
 */
import { createReadStream, createWriteStream } from 'node:fs';
import { createInterface } from 'node:readline';
import { briefOfCase, casesOf } from '../tests/support/reference/reference-case.ts';
import { aboutOf } from './results/about.ts';
import { seededBrief } from './results/seeded-briefs.ts';

const SEEDED = 500;

const [file, before] = process.argv.slice(2).filter((word) => !word.startsWith('-'));
if (file === undefined) throw new Error('Name the file to write, and after it the one to compare with, if any');
if (before === undefined) await write(file);
else await compare(file, before);

async function write(path: string): Promise<void> {
  const out = createWriteStream(path);
  const reference = (['cases.json', 'own-cases.json'] as const).flatMap((name) =>
    casesOf(name).map((referenceCase) => ({ name: referenceCase.id, brief: briefOfCase(referenceCase) })),
  );
  const seeded = Array.from({ length: SEEDED }, (_, index) => ({ name: `seeded ${index}`, brief: seededBrief(index) }));
  for (const { name, brief } of [...reference, ...seeded]) out.write(`${JSON.stringify({ name, ...aboutOf(brief) })}\n`);
  await new Promise((resolve) => out.end(resolve));
  console.log(`${reference.length} reference briefs and ${seeded.length} seeded ones written to ${path}`);
}

/** Prints the briefs that differ, with the first part that does; the exit code tells whether any do. */
async function compare(one: string, other: string): Promise<void> {
  const [lines, there] = [await linesOf(one), await linesOf(other)];
  let apart = Math.abs(lines.length - there.length);
  for (const [index, line] of lines.entries()) {
    const was = there[index];
    if (was === line || was === undefined) continue;
    apart += 1;
    if (apart <= 20) console.log(differenceOf(JSON.parse(line), JSON.parse(was)));
  }
  console.log(`${lines.length} briefs compared: ${apart === 0 ? 'all equal' : `${apart} differ`}`);
  process.exitCode = apart === 0 ? 0 : 1;
}

function differenceOf(now: Readonly<Record<string, unknown>>, was: Readonly<Record<string, unknown>>): string {
  const parts = Object.keys({ ...was, ...now }).filter((part) => JSON.stringify(now[part]) !== JSON.stringify(was[part]));
  const [first] = parts;
  const [is, before] = [now, was].map((result) => JSON.stringify(result[first ?? '']) ?? '');
  const at = [...(is ?? '')].findIndex((letter, index) => letter !== before?.[index]);
  return `${String(now['name'])}: ${parts.join(', ')}\n    now    …${is?.slice(Math.max(0, at - 60), at + 120)}\n    before …${before?.slice(Math.max(0, at - 60), at + 120)}`;
}

async function linesOf(path: string): Promise<readonly string[]> {
  const lines: string[] = [];
  for await (const line of createInterface({ input: createReadStream(path), crlfDelay: Infinity })) lines.push(line);
  return lines;
}
