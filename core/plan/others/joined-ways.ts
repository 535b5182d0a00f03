import type { Way } from '#core/search/ways';
import { type Candidate, changesLittle } from './candidates.ts';

/** A line, and the layers between which it goes differently from the best. */
interface Region {
  readonly way: Way;
  readonly little: boolean;
  readonly from: number;
  readonly to: number;
}

/**
 * Joins two lines where the best line's own note lies between their regions: each region is an independent change of the best line, so that
 * their extra costs add up.
 */
export function joinWays(best: Way, candidates: readonly Candidate[]): readonly Way['choices'][] {
  const regions = candidates.flatMap((candidate) => regionOf(best, candidate) ?? []);
  return regions.flatMap((one) =>
    regions.filter((other) => one.to + 1 < other.from && !(one.little && other.little)).map((other) => joinRegions(best, one, other)),
  );
}

function joinRegions(best: Way, one: Region, other: Region): Way['choices'] {
  return best.choices.map((choice, layer) => (layer <= one.to ? one : other).way.choices[layer] ?? choice);
}

function regionOf(best: Way, { way, name }: Candidate): Region | null {
  const differs = best.choices.flatMap((choice, layer) => (choice === way.choices[layer] ? [] : [layer]));
  const [from, to] = [differs[0], differs[differs.length - 1]];
  return from === undefined || to === undefined ? null : { way, little: changesLittle(name), from, to };
}
