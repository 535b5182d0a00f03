/** Prints how the engine does on the reference fingerings: `npm run reference` (`-- all` prints every case). */
import {
  type AskedCase,
  askedFreely,
  askedOf,
  casesOf,
  freeBriefs,
  judged,
  type Verdict,
} from '../tests/support/reference/reference-case.ts';

const FILES = ['cases.json', 'cases-2.json', 'own-cases.json'] as const;
const all = process.argv.includes('all');
const wanted = process.argv.slice(2).filter((word) => word !== 'all');

interface Row {
  readonly file: string;
  readonly each: AskedCase;
  readonly verdict: Verdict;
}

const asked = [
  ...FILES.flatMap((file) => casesOf(file).map((each) => ({ file, each: askedOf(each) }))),
  ...freeBriefs().map((each) => ({ file: 'free-briefs.json', each: askedFreely(each) })),
];
const rows: readonly Row[] = asked
  .filter(({ file, each }) => wanted.length === 0 || wanted.some((word) => file === word || each.id.includes(word)))
  .map(({ file, each }) => ({ file, each, verdict: judged(each) }));

const said = (verdict: Verdict): string =>
  verdict.matchedBy === null ? 'missed' : verdict.matchedBy === 0 ? 'best' : `alternative ${verdict.matchedBy}`;

for (const { each, verdict } of rows) {
  if (verdict.matchedBy === 0 && !all) continue;
  console.log(`${each.id.padEnd(48)} ${each.confidence.padEnd(8)} ${said(verdict)}`);
  console.log(`    found   ${verdict.found}`);
  console.log(`    wanted  ${verdict.wanted}`);
}

for (const file of [...FILES, 'free-briefs.json']) {
  for (const confidence of ['certain', 'high', 'medium'] as const) {
    const these = rows.filter((row) => row.file === file && row.each.confidence === confidence);
    if (these.length === 0) continue;
    const best = these.filter(({ verdict }) => verdict.matchedBy === 0).length;
    const four = these.filter(({ verdict }) => verdict.matchedBy !== null).length;
    console.log(`${file.padEnd(18)} ${confidence.padEnd(8)} ${these.length} cases: best plan ${best}, within four ${four}`);
  }
}
