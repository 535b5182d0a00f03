import type { Placement } from '#core/hand';
import { canFollow, type CostSetting, type Gap, noteCost, stepPricer } from './cost.ts';

/** One sounding note as the search sees it: its candidates and what lies between it and the note before. */
export interface LatticeNote {
  /** At least one. */
  readonly candidates: readonly Placement[];
  /** Null for the first note. */
  readonly gap: Gap | null;
}

/** The candidates of one note and what each costs by itself, thousandths. */
export interface Layer {
  readonly candidates: readonly Placement[];
  readonly costs: Float64Array;
}

/** Costs from every candidate of one layer to every one of the next: row by arriving candidate; Infinity where none leads. */
export type Step = Float64Array;

/** The whole line as layers and the steps between them: `steps[i]` leads from layer i to layer i + 1. */
export interface Lattice {
  readonly layers: readonly Layer[];
  readonly steps: readonly Step[];
}

/**
 * Lays out the costs of a line. Music repeats itself: a long piece has few different pairs of neighbouring candidate
 * sets, so each layer and each matrix is computed once and shared. The caches live for one call only.
 * Candidate sets are told apart by identity: give equal notes the same array.
 */
export function buildLattice(setting: CostSetting, notes: readonly LatticeNote[]): Lattice {
  const layers = new Map<readonly Placement[], Layer>();
  const steps = new Map<Layer, Map<Layer, Map<string, Step>>>();
  const laid = notes.map((note, index) => (index === 0 ? layerOf(setting, note, true) : sharedLayer(setting, note, layers)));
  return { layers: laid, steps: laid.slice(1).map((layer, index) => sharedStep(setting, laid[index], layer, notes[index + 1], steps)) };
}

function sharedLayer(setting: CostSetting, note: LatticeNote, layers: Map<readonly Placement[], Layer>): Layer {
  const known = layers.get(note.candidates);
  if (known) return known;
  const layer = layerOf(setting, note, false);
  layers.set(note.candidates, layer);
  return layer;
}

function layerOf(setting: CostSetting, note: LatticeNote, first: boolean): Layer {
  return { candidates: note.candidates, costs: Float64Array.from(note.candidates, (placement) => noteCost(setting, placement, first)) };
}

function sharedStep(
  setting: CostSetting,
  from: Layer | undefined,
  to: Layer,
  note: LatticeNote | undefined,
  steps: Map<Layer, Map<Layer, Map<string, Step>>>,
): Step {
  if (!from || !note?.gap) throw new RangeError('Every note but the first needs a gap before it');
  const fromHere = steps.get(from) ?? new Map<Layer, Map<string, Step>>();
  steps.set(from, fromHere);
  const toThere = fromHere.get(to) ?? new Map<string, Step>();
  fromHere.set(to, toThere);
  const key = `${note.gap.rest} ${note.gap.slurred} ${note.gap.seconds}`;
  const known = toThere.get(key) ?? stepOf(setting, from, to, note.gap);
  toThere.set(key, known);
  return known;
}

function stepOf(setting: CostSetting, from: Layer, to: Layer, gap: Gap): Step {
  const costs = new Float64Array(from.candidates.length * to.candidates.length);
  const priceOf = stepPricer(setting, gap);
  let cell = 0;
  for (const arriving of to.candidates) {
    for (const leaving of from.candidates) {
      costs[cell] = canFollow(leaving, arriving) ? priceOf(leaving, arriving) : Infinity;
      cell += 1;
    }
  }
  return costs;
}
