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

/** A way through a derived lattice as choices of the one it was made from. */
export function originalChoices({ origins }: Derived, choices: readonly number[]): readonly number[] {
  return choices.map((choice, layer) => origins[layer]?.[choice] ?? 0);
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
  return {
    lattice: { ...lattice, layers, steps },
    origins: origins.map((own, index) => (index > from && index <= to ? [...own, ...own] : own)),
  };
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
function remembered(lattice: Lattice, step: Step, index: number, forbidden: Forbidden): Step {
  const [before, after] = [candidatesAt(lattice, index), candidatesAt(lattice, index + 1)];
  const [beforeTwice, afterTwice] = [index > forbidden.from, index < forbidden.to];
  const width = before.length * (beforeTwice ? 2 : 1);
  const costs = new Float64Array(width * after.length * (afterTwice ? 2 : 1)).fill(Infinity);
  const shifts = new Uint8Array(costs.length);
  const leavings = before.map((candidate, leaving) =>
    columnsOf(leaving, beforeTwice ? before.length : null, forbidden.remembered(candidate)),
  );
  for (const [arriving, candidate] of after.entries()) {
    const withMemory = afterTwice && !forbidden.forgets(candidate) ? arriving + after.length : arriving;
    for (const [leaving, columns] of leavings.entries()) {
      const cell = arriving * before.length + leaving;
      const shift = step.shifts[cell] === 1;
      for (const { column, remembers } of columns) {
        const target = (remembers && !shift ? withMemory : arriving) * width + column;
        costs.set(step.costs.subarray(cell, cell + 1), target);
        shifts.set(step.shifts.subarray(cell, cell + 1), target);
      }
    }
  }
  return { costs, shifts };
}

function candidatesAt({ layers }: Lattice, index: number): readonly Placement[] {
  return layers[index]?.candidates ?? [];
}

/** Where a candidate that is left stands, and whether it has the memory there. */
interface Column {
  readonly column: number;
  readonly remembers: boolean;
}

/** `further`: how much further on a candidate stands with the memory than without; null where it stands once. */
function columnsOf(column: number, further: number | null, isRemembered: boolean): readonly Column[] {
  if (further === null) return [{ column, remembers: isRemembered }];
  return [
    { column, remembers: false },
    { column: column + further, remembers: true },
  ];
}
