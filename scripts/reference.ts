/** Prints the results of the engine on the reference fingerings: `npm run reference` (`-- all` prints every case). */
import { plan } from '#core/plan';
import { fingering } from '../tests/support/briefs.ts';
import {
  type AskedCase,
  caseFromBrief,
  caseFrom,
  casesOf,
  freeBriefs,
  judge,
  type Verdict,
} from '../tests/support/reference/reference-case.ts';
import { judgedAsRead, readBriefs, type ReadVerdict } from '../tests/support/reference/read-brief.ts';
import { spellOut, variantBriefs } from '../tests/support/reference/variants.ts';

const FILES = ['cases.json', 'cases-2.json', 'own-cases.json'] as const;
const all = process.argv.includes('all');
const wanted = process.argv.slice(2).filter((word) => word !== 'all');

interface Row {
  readonly file: string;
  readonly asked: AskedCase;
  readonly verdict: Verdict;
}

const asked = [
  ...FILES.flatMap((file) => casesOf(file).map((referenceCase) => ({ file, asked: caseFrom(referenceCase) }))),
  ...freeBriefs().map((freeBrief) => ({ file: 'free-briefs.json', asked: caseFromBrief(freeBrief) })),
];
const rows: readonly Row[] = asked
  .filter(({ file, asked }) => wanted.length === 0 || wanted.some((word) => file === word || asked.id.includes(word)))
  .map(({ file, asked }) => ({ file, asked, verdict: judge(asked) }));

const verdictText = (verdict: Verdict): string =>
  verdict.matchedBy === null ? 'missed' : verdict.matchedBy === 0 ? 'best' : `alternative ${verdict.matchedBy}`;

for (const { asked, verdict } of rows) {
  if (verdict.matchedBy === 0 && !all) continue;
  console.log(`${asked.id.padEnd(48)} ${asked.confidence.padEnd(8)} ${verdictText(verdict)}`);
  console.log(`    found   ${verdict.found}`);
  console.log(`    wanted  ${verdict.wanted}`);
}

for (const file of [...FILES, 'free-briefs.json']) {
  for (const confidence of ['certain', 'high', 'medium'] as const) {
    const these = rows.filter((row) => row.file === file && row.asked.confidence === confidence);
    if (these.length === 0) continue;
    const best = these.filter(({ verdict }) => verdict.matchedBy === 0).length;
    const four = these.filter(({ verdict }) => verdict.matchedBy !== null).length;
    console.log(`${file.padEnd(18)} ${confidence.padEnd(8)} ${these.length} cases: best plan ${best}, within four ${four}`);
  }
}

const variants = variantBriefs().flatMap(({ brief, variants: wantedThere }) => {
  const outcome = plan(brief, { alternatives: 6 });
  const found = outcome.ok ? [outcome.value.best, ...outcome.value.alternatives.map((other) => other.plan)].map(fingering) : [];
  return wantedThere.map(({ kind, fingers }) => ({ kind, found: found.includes(spellOut(fingers)) }));
});
for (const kind of [...new Set(variants.map((variant) => variant.kind))].toSorted()) {
  const these = variants.filter((variant) => variant.kind === kind);
  console.log(`alternatives.json  ${kind.padEnd(18)} ${these.filter(({ found }) => found).length} of ${these.length} variants among seven`);
}
console.log(
  `alternatives.json  ${'all'.padEnd(18)} ${variants.filter(({ found }) => found).length} of ${variants.length} variants among seven`,
);

const read = readBriefs()
  .filter(({ id }) => wanted.length === 0 || wanted.includes('read-briefs.json') || wanted.includes(id))
  .map((readBrief) => judgedAsRead(readBrief));
for (const verdict of read) {
  const { brief, plans, refusal, asRead } = verdict;
  if (!all && (asRead ? brief.read.grade === 'd' : brief.read.grade !== 'd' && verdict.rightAt === 0)) continue;
  console.log(`${brief.id.padEnd(30)} read ${brief.read.grade}, ${asRead ? 'as it was read' : 'another plan now'}, ${rightness(verdict)}`);
  if (brief.read.remark !== undefined) console.log(`    read    ${brief.read.remark}`);
  if (!asRead) console.log(`    was     ${brief.read.plan ?? 'refused'}`);
  console.log(`    now     ${refusal ?? plans.join(' / ')}`);
  console.log(`    wanted  ${brief.accept?.join(' | ') ?? brief.remark ?? ''}`);
}
const accepting = read.filter(({ brief }) => brief.accept);
const best = accepting.filter(({ rightAt }) => rightAt === 0).length;
const four = accepting.filter(({ rightAt }) => rightAt !== null).length;
console.log(`read-briefs.json   ${accepting.length} with accepted lines: best plan ${best}, within four ${four}`);
for (const grade of ['b', 'c', 'd'] as const) {
  const these = read.filter(({ brief }) => brief.read.grade === grade);
  console.log(`read-briefs.json   ${these.length} read ${grade}: ${these.filter(({ asRead }) => !asRead).length} have another plan now`);
}

function rightness({ brief, rightAt }: ReadVerdict): string {
  if (rightAt !== null) return rightAt === 0 ? 'right' : `right as alternative ${rightAt}`;
  return brief.accept ? 'none accepted' : 'to be read';
}
