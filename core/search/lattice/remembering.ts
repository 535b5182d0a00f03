import type { Placement } from '#core/hand';
import type { Lattice, Layer, Step } from './lattice.ts';

/** A lattice made from another, and which candidate of that one each of its candidates is. */
export interface Derived {
  /** What is searched. */
  readonly lattice: Lattice;
  /** By layer and candidate, the index of the candidate it was made from. */
  readonly origins: readonly (readonly number[])[];
}

/** Two notes that may not be taken together so, unless the hand shifts between them. */
export interface Forbidden {
  /** Layer of the earlier note. */
  readonly from: number;
  /** Layer of the later note. */
  readonly to: number;
  /** Whether a candidate of the earlier note is the one that is remembered. */
  readonly remembered: (placement: Placement) => boolean;
  /** Whether a candidate between them, or the later one, takes the memory's place: then nothing is forbidden any more. */
  readonly forgets: (placement: Placement) => boolean;
  /** Whether a candidate of the later note cannot be played in the hand that is remembered. */
  readonly conflicts: (placement: Placement) => boolean;
}

/** A lattice as it is, with nothing remembered. */
export function asItIs(lattice: Lattice): Derived {
  return { lattice, origins: lattice.layers.map((layer) => layer.candidates.map((_, index) => index)) };
}

/**
 * The lattice in which two notes cannot be taken as forbidden. What a step costs depends on its two ends alone; what one hand
 * can play depends on notes further back. So between the two notes every candidate stands twice: once for the ways on which
 * the earlier note was taken so and the hand has not shifted since, once for all others. Exact: no other way is lost.
 */
export function remembering({ lattice, origins }: Derived, forbidden: Forbidden): Derived {
  const { from, to } = forbidden;
  const layers = lattice.layers.map((layer, index) =>
    index > from && index <= to ? twice(layer, index === to ? forbidden.conflicts : null) : layer,
  );
  const steps = lattice.steps.map((step, index) => (index >= from && index <= to ? remembered(lattice, step, index, forbidden) : step));
  return { lattice: { layers, steps }, origins: origins.map((own, index) => (index > from && index <= to ? [...own, ...own] : own)) };
}

/** Every candidate twice, without memory and with it; with it, those that conflict are closed. */
function twice({ candidates, costs }: Layer, conflicts: ((placement: Placement) => boolean) | null): Layer {
  const withMemory = costs.map((cost, index) => {
    const candidate = candidates[index];
    return conflicts && candidate && conflicts(candidate) ? Infinity : cost;
  });
  return { candidates: [...candidates, ...candidates], costs: Float64Array.from([...costs, ...withMemory]) };
}

/** The step from one layer to the next, where either may stand twice. */
function remembered(lattice: Lattice, step: Step, index: number, { from, to, ...rules }: Forbidden): Step {
  const [before, after] = [lattice.layers[index]?.candidates ?? [], lattice.layers[index + 1]?.candidates ?? []];
  const [beforeTwice, afterTwice] = [index > from, index < to];
  const width = before.length * (beforeTwice ? 2 : 1);
  const height = after.length * (afterTwice ? 2 : 1);
  const costs = new Float64Array(width * height).fill(Infinity);
  const shifts = new Uint8Array(width * height);
  for (const [arriving, candidate] of after.entries()) {
    const forgets = rules.forgets(candidate);
    for (const [leaving, earlier] of before.entries()) {
      const cell = arriving * before.length + leaving;
      const [cost, shift] = [step.costs[cell] ?? Infinity, step.shifts[cell] ?? 0];
      for (const held of beforeTwice ? [false, true] : [rules.remembered(earlier)]) {
        const keeps = afterTwice && held && shift === 0 && !forgets;
        const target = (arriving + (keeps ? after.length : 0)) * width + leaving + (beforeTwice && held ? before.length : 0);
        costs[target] = cost;
        shifts[target] = shift;
      }
    }
  }
  return { costs, shifts };
}
