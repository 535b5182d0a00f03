import type { Weights } from '#core/weights';
import { bestIsRight, type LineInSearch } from './line-in-search.ts';
import type { Learner } from './learn.ts';
import { tableWith } from './parameters.ts';

/** Tells of each line whether its best fingering is right with some numbers. */
export function hitsWith({ kind, parameters }: Learner, lines: readonly LineInSearch[], values: readonly number[]): readonly boolean[] {
  const table = tableWith(kind, parameters, values);
  return lines.map((line) => bestIsRight(line, table));
}

/**
 * Deals families into parts, by the number of the part, in the order of their names: all lines of a family are variants of each other.
 */
export function partsByFamily(lines: readonly LineInSearch[], parts: number): ReadonlyMap<string, number> {
  const families = [...new Set(lines.map(({ line }) => line.family))].toSorted();
  return new Map(families.map((family, order) => [family, order % parts]));
}

/** The way in which lines are held out. */
interface HeldOutBy {
  /** Learns the numbers from some of the lines. */
  readonly learn: (lines: readonly LineInSearch[]) => readonly number[];
  /** The number of parts. */
  readonly parts: number;
  /** The lines to learn from: those judged, less those that teach nothing, or with other answers. */
  readonly from: readonly LineInSearch[];
}

/** Gives for every line the table learnt from the other parts alone (cross-validation): what is learnt by heart shows as a loss. */
export function tablesHeldOut(learner: Learner, lines: readonly LineInSearch[], { learn, parts, from }: HeldOutBy): readonly Weights[] {
  const partOf = partsByFamily(lines, parts);
  const tables = Array.from({ length: parts }, (_, part) => {
    const others = from.filter(({ line }) => partOf.get(line.family) !== part);
    return tableWith(learner.kind, learner.parameters, learn(others));
  });
  return lines.flatMap(({ line }) => tables[partOf.get(line.family) ?? 0] ?? []);
}

/** Judges every line by its table of `tablesHeldOut`, and tells of each whether its best fingering is right. */
export function judgeHeldOut(learner: Learner, lines: readonly LineInSearch[], by: HeldOutBy): readonly boolean[] {
  const tables = tablesHeldOut(learner, lines, by);
  return lines.map((line, order) => {
    const table = tables[order];
    return table !== undefined && bestIsRight(line, table);
  });
}
