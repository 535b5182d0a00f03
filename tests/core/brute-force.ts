import { canFollow, type CostSetting, type LatticeNote, noteCost, stepPricer } from '#core/search';

/** The least cost of any way through, by trying all of them: no tables, no recurrence. */
export function leastCostByTrying(setting: CostSetting, notes: readonly LatticeNote[]): number {
  const from = (index: number, cost: number, before: LatticeNote['candidates'][number] | null): number => {
    const note = notes[index];
    if (!note) return cost;
    return note.candidates.reduce((least, candidate) => {
      if (before && !canFollow(before, candidate)) return least;
      const step = before && note.gap ? stepPricer(setting, note.gap)(before, candidate) : 0;
      return Math.min(least, from(index + 1, cost + step + noteCost(setting, candidate, index === 0), candidate));
    }, Infinity);
  };
  return from(0, 0, null);
}
