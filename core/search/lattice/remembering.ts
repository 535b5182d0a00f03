import type { Placement } from '#core/hand/placement';
import type { Lattice, Layer, Step } from './lattice.ts';

/** A lattice made from another, with the candidate of that one from which each of its candidates was made. */
export interface Derived {
  /** The lattice that is searched. */
  readonly lattice: Lattice;
  /** The index of the candidate from which each was made, by layer and candidate. */
  readonly origins: readonly (readonly number[])[];
}

/** Two notes that must not be taken together in this way, unless the hand shifts between them. */
export interface Forbidden {
  /** The layer of the earlier note. */
  readonly from: number;
  /** The layer of the later note. */
  readonly to: number;
  /** Tells whether a candidate of the earlier note is the one that is remembered. */
  readonly remembered: (placement: Placement) => boolean;
  /** Tells whether a candidate between them, or the later one, replaces the memory: then nothing is forbidden any more. */
  readonly forgets: (placement: Placement) => boolean;
  /** Tells whether a candidate of the later note cannot be played in the hand that is remembered. */
  readonly conflicts: (placement: Placement) => boolean;
}

/** Wraps a lattice as it is, with nothing remembered. */
export function asItIs(lattice: Lattice): Derived {
  return { lattice, origins: lattice.layers.map((layer) => layer.candidates.map((_, index) => index)) };
}

/** Turns a way through a derived lattice into choices of the one it was made from. */
export function originalChoices({ origins }: Derived, choices: readonly number[]): readonly number[] {
  return choices.map((choice, layer) => origins[layer]?.[choice] ?? 0);
}

/**
 * Gives the lattice in which two notes cannot be taken as forbidden. The cost of a step depends on its two ends alone; whether one hand can
 * play a note depends on notes further back. So between the two notes every candidate stands twice: once for the ways on which the earlier
 * note was taken in that way and the hand has not shifted since, once for all others. It is exact: no other way is lost.
 */
export function remembering({ lattice, origins }: Derived, forbidden: Forbidden): Derived {
  const { from, to } = forbidden;
  const layers = lattice.layers.map((layer, index) =>
    index > from && index <= to ? twice(layer, index === to ? forbidden.conflicts : null) : layer,
  );
  const steps = lattice.steps.map((step, index) => (index >= from && index <= to ? rememberStep(lattice, step, index, forbidden) : step));
  return {
    lattice: { ...lattice, layers, steps },
    origins: origins.map((own, index) => (index > from && index <= to ? [...own, ...own] : own)),
  };
}

/** Lists every candidate twice, without memory and with it; with it, those that conflict are closed. */
function twice({ candidates, costs }: Layer, conflicts: ((placement: Placement) => boolean) | null): Layer {
  const withMemory = costs.map((cost, index) => {
    const candidate = candidates[index];
    return conflicts && candidate && conflicts(candidate) ? Infinity : cost;
  });
  return { candidates: [...candidates, ...candidates], costs: Float64Array.from([...costs, ...withMemory]) };
}

/** Gives the step from one layer to the next, where either may stand twice. */
function rememberStep(lattice: Lattice, step: Step, index: number, forbidden: Forbidden): Step {
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

/** The column of a candidate that is left, and whether it has the memory there. */
interface Column {
  readonly column: number;
  readonly remembers: boolean;
}

/**
 * Lists the columns of a candidate. A candidate that stands again, with the memory, stands `further` columns on; null where it stands once.
 */
function columnsOf(column: number, further: number | null, isRemembered: boolean): readonly Column[] {
  if (further === null) return [{ column, remembers: isRemembered }];
  return [
    { column, remembers: false },
    { column: column + further, remembers: true },
  ];
}
