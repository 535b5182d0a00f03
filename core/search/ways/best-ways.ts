import type { Placement } from '#core/hand/placement';
import type { Lattice } from '#core/search/lattice';
import { backwardSums, indexOfLeast, type Sums, type Way } from './cheapest-way.ts';

/** A function that gives the text by which two placements of one note are the same to a player. */
export type LabelOf = (placement: Placement) => string;

/** The candidates of a layer, grouped by label. */
export interface Groups {
  /** The candidates of each group, as indexes. */
  readonly members: readonly Uint16Array[];
  /** The group of each candidate. */
  readonly groupOf: Uint16Array;
}

/** The labels are remembered because they are asked many times for the same placements of a line. */
const labels = new WeakMap<Placement, string>();

/** Gives the label of string and finger, as it is written over the notes. */
export function fingeringLabel(placement: Placement): string {
  const known = labels.get(placement);
  if (known !== undefined) return known;
  const { stringIndex, finger, harmonic, upper, top, partner } = placement;
  const own = `${stringIndex}${finger}${harmonic ? 'o' : ''}${partner ? `~${partner.finger}` : ''}`;
  const label = [own, ...[upper, top].flatMap((stop) => (stop ? [`${stop.stringIndex}${stop.finger}`] : []))].join('+');
  labels.set(placement, label);
  return label;
}

/** Groups the candidates of every layer by label; equal candidate sets share their groups. */
export function groupBy(lattice: Lattice, labelOf: LabelOf): readonly Groups[] {
  const known = new Map<readonly Placement[], Groups>();
  return lattice.layers.map(({ candidates }) => {
    const groups = known.get(candidates) ?? group(candidates, labelOf);
    known.set(candidates, groups);
    return groups;
  });
}

/** A row of labels from the first note on, with the least cost of reaching each hidden state of the last. */
interface Prefix {
  /** The row up to the note before; null at the beginning. */
  readonly before: Prefix | null;
  /** The candidates of this layer that carry the last label. */
  readonly members: Uint16Array;
  /** The least cost of any way with these labels that ends in each member. */
  readonly sums: Float64Array;
  /** The index of each member's predecessor among the members of the prefix before. */
  readonly came: Uint16Array;
  /** The cost of the best whole line that begins with this row. */
  readonly promise: number;
}

/** A row that might be kept: the parent that it continues, and the group. */
interface Offer {
  /** The row that it continues. */
  readonly parent: number;
  /** The group of candidates it goes on to. */
  readonly group: number;
  /** The least cost of the whole line. */
  readonly promise: number;
}

/**
 * Finds the k cheapest different rows of labels, cheapest first, each with its cheapest way: exact.
 *
 * The k best *ways* are no use to a player: many differ only in where the hand thinks it is. So the hidden states are
 * minimised out. Layer by layer the k most promising rows of labels are kept; the promise of a row is the cost of the best
 * whole line that begins with it (its sums plus the backward sums). If a whole row is among the k best, each of its
 * beginnings is among the k most promising of its layer: otherwise k other beginnings would each lead to a whole row at
 * least as good. Work is linear in notes and about linear in k. Ties go to the earlier parent, then the earlier label.
 */
export function bestWays(
  lattice: Lattice,
  most: number,
  groups: readonly Groups[],
  backward: Sums = backwardSums(lattice),
): readonly Way[] {
  const best = new BestOffers(most);
  const widest = lattice.layers.reduce((width, layer) => Math.max(width, layer.costs.length), 0);
  const reached = Array.from({ length: most }, (): Reached => ({ sums: new Float64Array(widest), came: new Uint16Array(widest) }));
  const first = lattice.layers[0]?.costs ?? new Float64Array();
  best.offerAll(0, first, groups[0] ?? NO_GROUPS, backward.sums[0] ?? first);
  let prefixes = best.inOrder().map(({ group, promise }): Prefix => {
    const members = groups[0]?.members[group] ?? NO_MEMBERS;
    return { before: null, members, sums: pick(first, members), came: new Uint16Array(members.length), promise };
  });
  for (let index = 1; index < lattice.layers.length; index += 1) {
    const onward = backward.sums[index] ?? first;
    prefixes = continueRows(prefixes, { lattice, index, groups: groups[index] ?? NO_GROUPS, onward }, { best, reached });
  }
  return prefixes.map((prefix) => ({ choices: traceRow(prefix), cost: prefix.promise }));
}

const NO_MEMBERS = new Uint16Array();
const NO_GROUPS: Groups = { members: [], groupOf: NO_MEMBERS };

/** The memory that one search overwrites repeatedly. */
interface Desk {
  /** The best offers so far. */
  readonly best: BestOffers;
  /** The part of each layer that was reached. */
  readonly reached: readonly Reached[];
}

/** The next layer: its index, the groups of its candidates, and the cost of the rest of the line from each. */
interface NextLayer {
  /** The lattice that the layer belongs to. */
  readonly lattice: Lattice;
  /** The index of the layer. */
  readonly index: number;
  /** The groups of its candidates that count as the same fingering. */
  readonly groups: Groups;
  /** The least cost of the rest, from each candidate on. */
  readonly onward: Float64Array;
}

/** Finds the most promising rows one note longer. */
function continueRows(prefixes: readonly Prefix[], { lattice, index, groups, onward }: NextLayer, { best, reached }: Desk): Prefix[] {
  best.clear();
  for (let parent = 0; parent < prefixes.length; parent += 1) {
    // No row grows more promising: from here on every parent promises less than all rows that are kept.
    if (best.isFullBelow(prefixes[parent]?.promise ?? Infinity)) break;
    const prefix = prefixes[parent];
    const here = reached[parent];
    if (!prefix || !here) break;
    reach(lattice, index, prefix, here);
    best.offerAll(parent, here.sums, groups, onward);
  }
  return best.inOrder().map(({ parent, group, promise }): Prefix => {
    const members = groups.members[group] ?? NO_MEMBERS;
    const from = reached[parent];
    const sums = pick(from?.sums ?? onward, members);
    const came = Uint16Array.from(members, (member) => from?.came[member] ?? 0);
    return { before: prefixes[parent] ?? null, members, sums, came, promise };
  });
}

function pick(sums: Float64Array, members: Uint16Array): Float64Array {
  const own = new Float64Array(members.length);
  for (let place = 0; place < members.length; place += 1) own[place] = sums[members[place] ?? 0] ?? Infinity;
  return own;
}

/**
 * The least sums at every candidate of a layer when the row before is given, and the member each came from. It is overwritten repeatedly.
 */
interface Reached {
  /** The least sum to each candidate. */
  readonly sums: Float64Array;
  /** The candidate before, on the way with that sum. */
  readonly came: Uint16Array;
}

function reach(lattice: Lattice, index: number, prefix: Prefix, { sums, came }: Reached): void {
  const costs = lattice.layers[index]?.costs ?? NO_COSTS;
  const step = lattice.steps[index - 1]?.costs ?? NO_COSTS;
  const width = lattice.layers[index - 1]?.costs.length ?? 0;
  for (let to = 0; to < costs.length; to += 1) {
    const by = cheapestMember(prefix, step, to * width);
    sums[to] = by.sum + (costs[to] ?? Infinity);
    came[to] = by.from;
  }
}

const NO_COSTS = new Float64Array();

/** Finds the member of a row from which a candidate is reached cheapest; `cells` is where the candidate's row of the step begins. */
function cheapestMember({ members, sums }: Prefix, step: Float64Array, cells: number): { readonly from: number; readonly sum: number } {
  let least = Infinity;
  let by = 0;
  for (let from = 0; from < members.length; from += 1) {
    const sum = (sums[from] ?? Infinity) + (step[cells + (members[from] ?? 0)] ?? Infinity);
    if (sum < least) {
      least = sum;
      by = from;
    }
  }
  return { from: by, sum: least };
}

/**
 * A list that keeps the k most promising of what it is offered, in order; equals stay in the order in which they came. It is used for one
 * search.
 */
class BestOffers {
  private offers: Offer[] = [];
  private promises = new Float64Array();

  constructor(private readonly most: number) {}

  /** Offers every group a row can continue with; the promise of a group is that of its best member. */
  offerAll(parent: number, sums: Float64Array, { members, groupOf }: Groups, onward: Float64Array): void {
    if (this.promises.length < members.length) this.promises = new Float64Array(members.length);
    const { promises } = this;
    promises.fill(Infinity);
    for (let candidate = 0; candidate < groupOf.length; candidate += 1) {
      const promise = (sums[candidate] ?? Infinity) + (onward[candidate] ?? Infinity);
      const group = groupOf[candidate] ?? 0;
      if (promise < (promises[group] ?? Infinity)) promises[group] = promise;
    }
    for (let group = 0; group < members.length; group += 1) this.offer(parent, group, promises[group] ?? Infinity);
  }

  /** Tells whether as many are kept as may be, each at least as promising as `promise`. */
  isFullBelow(promise: number): boolean {
    const last = this.offers[this.most - 1];
    return last !== undefined && last.promise <= promise;
  }

  private offer(parent: number, group: number, promise: number): void {
    const last = this.offers[this.most - 1];
    if (promise === Infinity || (last && promise >= last.promise)) return;
    let place = this.offers.length;
    while (place > 0 && (this.offers[place - 1]?.promise ?? 0) > promise) place -= 1;
    this.offers.splice(place, 0, { parent, group, promise });
    if (this.offers.length > this.most) this.offers.pop();
  }

  inOrder(): readonly Offer[] {
    return this.offers;
  }

  clear(): void {
    this.offers = [];
  }
}

function group(candidates: readonly Placement[], labelOf: LabelOf): Groups {
  const groups = new Map<string, number[]>();
  for (const [index, candidate] of candidates.entries()) {
    const label = labelOf(candidate);
    const group = groups.get(label);
    if (group) group.push(index);
    else groups.set(label, [index]);
  }
  const members = [...groups.values()].map((group) => Uint16Array.from(group));
  const groupOf = new Uint16Array(candidates.length);
  for (const [group, indexes] of members.entries()) for (const index of indexes) groupOf[index] = group;
  return { members, groupOf };
}

function traceRow(last: Prefix): readonly number[] {
  const choices: number[] = [];
  let place = indexOfLeast(last.sums);
  for (let prefix: Prefix | null = last; prefix; prefix = prefix.before) {
    choices.push(prefix.members[place] ?? 0);
    place = prefix.came[place] ?? 0;
  }
  return choices.reverse();
}
