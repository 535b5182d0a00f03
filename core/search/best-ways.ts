import type { Placement } from '#core/hand';
import { backwardSums, indexOfLeast, type Sums, type Way } from './cheapest-way.ts';
import type { Lattice } from './lattice.ts';

/** What makes two placements of one note the same to a player; equal texts are equal. */
export type LabelOf = (placement: Placement, layer: number) => string;

/** String and finger: what is written over the notes. */
export function fingeringLabel({ stringIndex, finger, harmonic, upper }: Placement): string {
  const own = `${stringIndex}${finger}${harmonic ? 'o' : ''}`;
  return upper ? `${own}+${upper.stringIndex}${upper.finger}` : own;
}

/** A row of labels from the first note on, with the least cost of reaching each hidden state of the last. */
interface Prefix {
  readonly before: Prefix | null;
  /** Candidates of this layer that carry the last label. */
  readonly members: readonly number[];
  /** Least cost of any way with these labels that ends in each member. */
  readonly sums: Float64Array;
  /** For each member, the index among the members of the prefix before. */
  readonly came: Uint16Array;
  /** Cost of the best whole line that begins so. */
  readonly promise: number;
}

/**
 * The k cheapest different rows of labels, cheapest first, each with its cheapest way: exact.
 *
 * The k best *ways* are no use to a player: many differ only in where the hand thinks it is. So the hidden states are
 * minimised out. Layer by layer the k most promising rows of labels are kept, a row's promise being the cost of the best
 * whole line that begins with it (its sums plus the backward sums). If a whole row is among the k best, each of its
 * beginnings is among the k most promising of its layer: otherwise k other beginnings would each lead to a whole row at
 * least as good. Work is linear in notes and about linear in k. Ties go to the earlier parent, then the earlier label.
 */
export function bestWays(lattice: Lattice, most: number, labelOf: LabelOf, backward: Sums = backwardSums(lattice)): readonly Way[] {
  const groupsAt = (index: number): readonly (readonly number[])[] => grouped(lattice.layers[index]?.candidates ?? [], index, labelOf);
  let prefixes = mostPromising(
    groupsAt(0).map((members) => beginning(lattice, members, backward)),
    most,
  );
  for (let index = 1; index < lattice.layers.length; index += 1) {
    const next = prefixes.flatMap((prefix) => continued(lattice, index, prefix, groupsAt(index), backward));
    prefixes = mostPromising(next, most);
  }
  return prefixes.map((prefix) => ({ choices: traced(prefix), cost: prefix.promise }));
}

function grouped(candidates: readonly Placement[], layer: number, labelOf: LabelOf): readonly (readonly number[])[] {
  const groups = new Map<string, number[]>();
  for (const [index, candidate] of candidates.entries()) {
    const label = labelOf(candidate, layer);
    const group = groups.get(label);
    if (group) group.push(index);
    else groups.set(label, [index]);
  }
  return [...groups.values()];
}

function beginning(lattice: Lattice, members: readonly number[], backward: Sums): Prefix {
  const sums = Float64Array.from(members, (member) => lattice.layers[0]?.costs[member] ?? Infinity);
  return { before: null, members, sums, came: new Uint16Array(members.length), promise: promiseOf(sums, members, backward.sums[0]) };
}

function continued(
  lattice: Lattice,
  index: number,
  prefix: Prefix,
  groups: readonly (readonly number[])[],
  backward: Sums,
): readonly Prefix[] {
  const costs = lattice.layers[index]?.costs ?? new Float64Array();
  const step = lattice.steps[index - 1]?.costs ?? new Float64Array();
  const width = lattice.layers[index - 1]?.costs.length ?? 0;
  return groups.flatMap((members) => {
    const sums = new Float64Array(members.length).fill(Infinity);
    const came = new Uint16Array(members.length);
    for (const [place, to] of members.entries()) {
      for (const [from, member] of prefix.members.entries()) {
        const sum = (prefix.sums[from] ?? Infinity) + (step[to * width + member] ?? Infinity) + (costs[to] ?? Infinity);
        if (sum < (sums[place] ?? Infinity)) {
          sums[place] = sum;
          came[place] = from;
        }
      }
    }
    const promise = promiseOf(sums, members, backward.sums[index]);
    return promise === Infinity ? [] : [{ before: prefix, members, sums, came, promise }];
  });
}

function promiseOf(sums: Float64Array, members: readonly number[], rest: Float64Array | undefined): number {
  return members.reduce((least, member, place) => Math.min(least, (sums[place] ?? Infinity) + (rest?.[member] ?? Infinity)), Infinity);
}

/** Array sort is stable, so equal promises keep the order in which they were made. */
function mostPromising(prefixes: readonly Prefix[], most: number): readonly Prefix[] {
  return prefixes
    .filter((prefix) => prefix.promise < Infinity)
    .toSorted((one, other) => one.promise - other.promise)
    .slice(0, most);
}

function traced(last: Prefix): readonly number[] {
  const choices: number[] = [];
  let place = indexOfLeast(last.sums);
  for (let prefix: Prefix | null = last; prefix; prefix = prefix.before) {
    choices.push(prefix.members[place] ?? 0);
    place = prefix.came[place] ?? 0;
  }
  return choices.reverse();
}
