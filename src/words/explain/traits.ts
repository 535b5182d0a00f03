import type { PlanTraits } from '#core/explain';
import { listText } from '#core/messages';

/** Writes the fingers that leave and arrive in the shifts: "1–1, 2–1 twice". */
export function carriersText(carriers: PlanTraits['carriers']): string {
  if (carriers.length === 0) return 'none';
  return carriers.map(({ from, to, times }) => `${from}–${to}${times === 1 ? '' : times === 2 ? ' twice' : ` ${times} times`}`).join(', ');
}

/** Writes the number of crossings, and those that are more than plain: "5: 1 with a shift and 1 onto the fourth finger". */
export function crossingsText({ plain, withShift, skipping, ontoFourth }: PlanTraits['crossingKinds']): string {
  const all = plain + withShift + skipping + ontoFourth;
  const kinds = [
    ...(withShift > 0 ? [`${withShift} with a shift`] : []),
    ...(skipping > 0 ? [`${skipping} over a string`] : []),
    ...(ontoFourth > 0 ? [`${ontoFourth} onto the fourth finger`] : []),
  ];
  return kinds.length === 0 ? String(all) : `${all}: ${listText(kinds)}`;
}
