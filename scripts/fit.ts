/**
 * Learns the weights from fingered lines, and reports what that gains on lines that were kept back: `npm run fit` (`-- viola` for one
 * instrument, `-- --json FILE` to keep the report). It changes nothing: whoever edits the table of weights reads it first.
 */
import { fork } from 'node:child_process';
import { writeFileSync } from 'node:fs';
import { fileURLToPath } from 'node:url';
import { INSTRUMENT_KINDS, type InstrumentKind } from '#core/instrument';
import type { Report } from './fit/report-on.ts';
import { reportText } from './fit/report.ts';

/** The instruments that are worked on at once. */
const AT_ONCE = 2;

const given = process.argv.slice(2);
const file = given.includes('--json') ? given[given.indexOf('--json') + 1] : undefined;
const kinds = INSTRUMENT_KINDS.filter((kind) => given.includes(kind) || !INSTRUMENT_KINDS.some((known) => given.includes(known)));

const waiting = [...kinds];
const reports: Report[] = [];
await Promise.all(Array.from({ length: AT_ONCE }, workThrough));
const inOrder = kinds.flatMap((kind) => reports.filter((report) => report.kind === kind));
for (const report of inOrder) console.log(reportText(report));
if (file !== undefined) writeFileSync(file, JSON.stringify(inOrder, null, 2));

/** Takes one instrument after the other, each in a process of its own. */
async function workThrough(): Promise<void> {
  for (let kind = waiting.shift(); kind !== undefined; kind = waiting.shift()) reports.push(await reportOn(kind));
}

async function reportOn(kind: InstrumentKind): Promise<Report> {
  const child = fork(fileURLToPath(new URL('fit/report-on.ts', import.meta.url)), [kind], { execArgv: process.execArgv });
  return await new Promise((resolve, reject) => {
    child.on('message', (report: Report) => resolve(report));
    child.on('exit', (code) => reject(new Error(`The ${kind} ended with code ${code} before its report was there`)));
  });
}
