import { type DrillRequest, PLAIN_VARIANT } from '#core/drill/families';
import { aroundNote, type HotSpot } from '#core/drill/hot-spots';
import { formatKey } from '#core/key';
import { keyAt } from '#core/material/measures';
import type { Plan } from '#core/plan/describe';
import { drillOfSpot } from './drill-of-spot.ts';

/** A drill that a player needs for a piece, and the places for which it is needed. */
export interface NeededDrill {
  readonly request: DrillRequest;
  /** The notes (line indexes) for which it is needed, the most pressing first. */
  readonly notes: readonly number[];
  /** The number of tries that missed at these notes. */
  readonly missed: number;
}

/**
 * Lists the drills that a piece asks of its player: those for the notes that were missed (by line index, how often), the most often first,
 * then those for its hot spots, the hardest first. A drill that serves several places stands once, with all of them.
 */
export function neededDrills(plan: Plan, hotSpots: readonly HotSpot[], missed: ReadonlyMap<number, number>): readonly NeededDrill[] {
  const mostMissed = [...missed].toSorted(([, one], [, other]) => other - one).map(([note]) => note);
  const notes = [...new Set([...mostMissed, ...hotSpots.map(({ note }) => note)])];
  const byAsked = new Map<string, NeededDrill>();
  for (const note of notes) {
    const spot = hotSpots.find((known) => known.note === note) ?? aroundNote(plan, note);
    const asks = spot && drillOfSpot(plan, spot);
    if (!asks) continue;
    const request: DrillRequest = { key: formatKey(keyAt(plan.line, note)), asks, variant: PLAIN_VARIANT };
    const name = JSON.stringify(request);
    const before = byAsked.get(name);
    byAsked.set(name, { request, notes: [...(before?.notes ?? []), note], missed: (before?.missed ?? 0) + (missed.get(note) ?? 0) });
  }
  return [...byAsked.values()].toSorted((one, other) => other.missed - one.missed);
}

/** Puts drills of different families first: one of each family in their order, then the second of each, and so on. */
export function mixFamilies<Drill extends { readonly request: DrillRequest }>(drills: readonly Drill[]): readonly Drill[] {
  const seen = new Map<string, number>();
  const placed = drills.map((drill) => {
    const turn = seen.get(drill.request.asks.family) ?? 0;
    seen.set(drill.request.asks.family, turn + 1);
    return { drill, turn };
  });
  return placed.toSorted((one, other) => one.turn - other.turn).map(({ drill }) => drill);
}
