import { type Issue, limitIssue } from '#core/messages';
import { badReading, goodReading, type Reading } from '#core/result';
import { WEIGHTS, type Weights } from './weight-table.ts';
import type { WeightEntry, WeightValue } from './weight-types.ts';

/** Changes some weights by name. Refuses a value outside the table's range, and a row of another length. */
export function changedWeights(weights: Weights, changes: Readonly<Record<string, WeightValue>>): Reading<Weights> {
  const changed = Object.entries(WEIGHTS).flatMap(([name, entry]) => {
    const value = changes[name];
    return value === undefined ? [] : [{ name, value, issue: issueOf(name, entry, value) }];
  });
  const wrong = changed.find(({ issue }) => issue !== null)?.issue;
  if (wrong) return badReading(wrong);
  return goodReading(changed.reduce((next, { name, value }) => ({ ...next, [name]: value }), weights));
}

function issueOf(name: string, { range: [least, most], defaults }: WeightEntry<WeightValue>, value: WeightValue): Issue | null {
  const where = { pointer: `/weights/${name}` };
  if (!sameShape(name, defaults.violin, value)) {
    return limitIssue('weight-of-other-shape', { name, values: typeof defaults.violin === 'number' ? 1 : defaults.violin.length }, where);
  }
  const wrong = [value].flat().find((value) => !(value >= least && value <= most));
  return wrong === undefined ? null : limitIssue('weight-out-of-range', { name, value: wrong, least, most }, where);
}

/** Tells whether values have the same shape: one number for one number, a row for a row; the row of positions may be of any length. */
function sameShape(name: string, usual: WeightValue, value: WeightValue): boolean {
  if (typeof usual === 'number' || typeof value === 'number') return typeof usual === typeof value;
  return name === 'position' || usual.length === value.length;
}
