import type { Report } from './report-on.ts';

/** Writes the report of one instrument. */
export function reportText(report: Report): string {
  const { kind, lines, families, before, learnt, heldOut, amongFew, gain, seconds } = report;
  const share = (count: number): string => `${count} of ${lines} (${((100 * count) / lines).toFixed(1)} %)`;
  return [
    `${kind}: ${lines} fingered lines in ${families} families, ${seconds} s`,
    `  best fingering right: ${share(before)} as set by hand, ${share(learnt)} learnt from the same lines, ${share(heldOut)} kept back`,
    `  right among four: ${share(amongFew.before)} as set by hand, ${share(amongFew.heldOut)} kept back`,
    `  gain on lines kept back: ${gain.points.toFixed(1)} points (${gain.interval.map((end) => end.toFixed(1)).join(' to ')})`,
    ...report.ofMaterial.map((of) => `    ${of.material}: ${of.lines} lines, ${of.before} right before, ${of.heldOut} kept back`),
    ...report.fromRandom.map(
      (from) => `  from weights drawn at random (${from.seed}): ${share(from.drawn)} as drawn, ${share(from.heldOut)} kept back`,
    ),
    `  learnt from wrong answers: ${share(report.shuffled)} kept back`,
    ...report.moved.map(
      (moved) => `    ${moved.name}: ${number(moved.from)} → ${number(moved.to)} (${moved.interval.map(number).join(' to ')})`,
    ),
    `  won: ${report.won.join(', ') || 'none'}; lost: ${report.lost.join(', ') || 'none'}`,
    `  a rule is missing: ${report.ruleMissing.join(', ') || 'none'}; no hand of ours: ${report.noHand.join(', ') || 'none'}`,
  ].join('\n');
}

function number(value: number): string {
  return Math.abs(value) < 100 ? value.toFixed(1) : value.toFixed(0);
}
