import type { PlanSums } from '#core/explain';
import { countText } from '#core/messages';
import { mmText } from '../plan-words.ts';
import { weighedText } from './weighed.ts';

const COUNTED = [
  ['shifts', 'shift', 'shifts'],
  ['crossings', 'string crossing', 'string crossings'],
  ['openStrings', 'open string', 'open strings'],
  ['extensions', 'extension', 'extensions'],
  ['stretches', 'stretch', 'stretches'],
] as const;

/**
 * Writes how one plan's totals differ from another's: "2 shifts fewer", "the widest reach 71 mm, not 66 mm" and, where both are priced
 * alike, "clearly harder".
 */
export function sumDifferences(from: PlanSums, to: PlanSums, priced: boolean): readonly string[] {
  const numbers = COUNTED.flatMap(([name, one, many]) => {
    const more = (to[name] ?? 0) - (from[name] ?? 0);
    if (more === 0) return [];
    const count = Math.abs(more);
    return [`${countText(count, one, many)} ${more > 0 ? 'more' : 'fewer'}`];
  });
  const [was, is] = [Math.round(from.widestReachMm), Math.round(to.widestReachMm)];
  const cost = to.costThousandths - from.costThousandths;
  return [
    ...numbers,
    ...(was === is ? [] : [`the widest reach ${mmText(is)}, not ${mmText(was)}`]),
    ...(!priced || Math.abs(cost) < 100 ? [] : [weighedText(cost)]),
  ];
}
