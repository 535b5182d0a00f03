import { isShift } from '#core/hand/placement';
import { canBegin, canFollow, type CostSetting, noteCost, stepPricer } from '#core/search/costs';
import type { LatticeNote } from '#core/search/lattice';
import type { LabelOf } from '#core/search/ways';

/** A way through a line found by trying: its candidates and its cost. */
export interface TriedWay {
  readonly labels: string;
  readonly shifts: number;
  readonly cost: number;
}

/** Lists every way through a line, by trying all of them: no tables, no recurrence. `begins` lists what the first note might have been. */
export function everyWay(
  setting: CostSetting,
  notes: readonly LatticeNote[],
  labelOf: LabelOf,
  begins = notes[0]?.candidates ?? [],
): readonly TriedWay[] {
  const ways: TriedWay[] = [];
  const go = (index: number, way: TriedWay, before: LatticeNote['candidates'][number] | null): void => {
    const note = notes[index];
    if (!note) return void ways.push(way);
    for (const candidate of note.candidates) {
      if (before && !canFollow(setting.hand, before, candidate, note.gap?.rest === true)) continue;
      if (before && index === 1 && !canBegin(begins, before, candidate)) continue;
      const step = before && note.gap ? stepPricer(setting, note.gap)(before, candidate) : 0;
      if (step === Infinity) continue;
      const own = noteCost(setting, candidate, note.role);
      const shift = before && isShift(before, candidate) ? 1 : 0;
      go(index + 1, { labels: `${way.labels} ${labelOf(candidate)}`, shifts: way.shifts + shift, cost: way.cost + step + own }, candidate);
    }
  };
  go(0, { labels: '', shifts: 0, cost: 0 }, null);
  return ways;
}

/** Finds the k least costs of different rows of labels. */
export function leastCostsByLabels(ways: readonly TriedWay[], most: number): readonly number[] {
  const least = new Map<string, number>();
  for (const way of ways) least.set(way.labels, Math.min(way.cost, least.get(way.labels) ?? Infinity));
  return [...least.values()].toSorted((one, other) => one - other).slice(0, most);
}
