/** Prints how the engine does on the reference fingerings: `npm run reference` (`-- all` prints every case). */
import { casesOf, judged, type ReferenceCase, type Verdict } from '../tests/support/reference/reference-case.ts';

const FILES = ['cases.json', 'own-cases.json'];
const all = process.argv.includes('all');
const wanted = process.argv.slice(2).filter((word) => word !== 'all');

interface Row {
  readonly each: ReferenceCase;
  readonly verdict: Verdict;
}

const rows: readonly Row[] = FILES.flatMap((file) => casesOf(file))
  .filter((each) => wanted.length === 0 || wanted.some((word) => each.id.includes(word)))
  .map((each) => ({ each, verdict: judged(each) }));

const said = (verdict: Verdict): string =>
  verdict.matchedBy === null ? 'missed' : verdict.matchedBy === 0 ? 'best' : `alternative ${verdict.matchedBy}`;

for (const { each, verdict } of rows) {
  console.log(`${each.id.padEnd(48)} ${each.confidence.padEnd(8)} ${said(verdict)}`);
  if (verdict.matchedBy === 0 && !all) continue;
  console.log(`    found   ${verdict.found}`);
  console.log(`    wanted  ${verdict.wanted}`);
}

for (const confidence of ['certain', 'high', 'medium'] as const) {
  const these = rows.filter(({ each }) => each.confidence === confidence);
  const best = these.filter(({ verdict }) => verdict.matchedBy === 0).length;
  const four = these.filter(({ verdict }) => verdict.matchedBy !== null).length;
  console.log(`${confidence.padEnd(8)} ${these.length} cases: best plan ${best}, within four ${four}`);
}
