import type { PlanTraits } from '#core/explain';
import { listed } from '#core/messages';

/** "1–1, 2–1 twice": which fingers leave and arrive in the shifts. */
export function carriersText(carriers: PlanTraits['carriers']): string {
  if (carriers.length === 0) return 'none';
  return carriers.map(({ from, to, times }) => `${from}–${to}${times === 1 ? '' : times === 2 ? ' twice' : ` ${times} times`}`).join(', ');
}

/** "5: 1 with a shift and 1 onto the fourth finger": how many crossings, and those that are more than plain. */
export function crossingsText({ plain, withShift, skipping, ontoFourth }: PlanTraits['crossingKinds']): string {
  const all = plain + withShift + skipping + ontoFourth;
  const kinds = [
    ...(withShift > 0 ? [`${withShift} with a shift`] : []),
    ...(skipping > 0 ? [`${skipping} over a string`] : []),
    ...(ontoFourth > 0 ? [`${ontoFourth} onto the fourth finger`] : []),
  ];
  return kinds.length === 0 ? String(all) : `${all}: ${listed(kinds)}`;
}
