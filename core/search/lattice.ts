import type { Placement } from '#core/hand';
import { canBegin, canFollow, type CostSetting, type Gap, noteCost, type NoteRole, stepPricer } from './cost.ts';

/** One sounding note as the search sees it: its candidates and what lies between it and the note before. */
export interface LatticeNote {
  /** At least one. */
  readonly candidates: readonly Placement[];
  /** Long, or the top of the line. */
  readonly hard: boolean;
  /** Null for the first note. */
  readonly gap: Gap | null;
}

/** The candidates of one note and what each costs by itself, thousandths. */
export interface Layer {
  readonly candidates: readonly Placement[];
  readonly costs: Float64Array;
}

/** From every candidate of one layer to every one of the next; cells stand row by row, a row for each arriving candidate. */
export interface Step {
  /** Thousandths; Infinity where no way leads. */
  readonly costs: Float64Array;
  /** 1 where the way is a shift. */
  readonly shifts: Uint8Array;
}

/** The whole line as layers and the steps between them: `steps[i]` leads from layer i to layer i + 1. */
export interface Lattice {
  readonly layers: readonly Layer[];
  readonly steps: readonly Step[];
}

/**
 * Lays out the costs of a line. Music repeats itself: a long piece has few different pairs of neighbouring candidate
 * sets, so each layer and each matrix is computed once and shared. The caches live for one call only.
 * Candidate sets are told apart by identity: give equal notes the same array. `onProgress` hears how much is done, 0 to 1.
 */
export function buildLattice(setting: CostSetting, notes: readonly LatticeNote[], onProgress?: (share: number) => void): Lattice {
  const layers = new Map<readonly Placement[], Map<boolean, Layer>>();
  const steps = new Map<Layer, Map<Layer, Map<string, Step>>>();
  const laid = notes.map((note, index) => sharedLayer(setting, note, { first: index === 0, hard: note.hard }, layers));
  const priced = laid.slice(1).map((layer, index) => {
    if (index % NOTES_BETWEEN_REPORTS === NOTES_BETWEEN_REPORTS - 1) onProgress?.(index / laid.length);
    return sharedStep(setting, laid[index], layer, notes[index + 1], index === 0, steps);
  });
  return { layers: laid, steps: priced };
}

/** Whoever waits for a long line hears of it so often. */
const NOTES_BETWEEN_REPORTS = 500;

function sharedLayer(
  setting: CostSetting,
  note: LatticeNote,
  role: NoteRole,
  layers: Map<readonly Placement[], Map<boolean, Layer>>,
): Layer {
  const costs = (): Layer => ({
    candidates: note.candidates,
    costs: Float64Array.from(note.candidates, (placement) => noteCost(setting, placement, role)),
  });
  if (role.first) return costs();
  const alike = layers.get(note.candidates) ?? new Map<boolean, Layer>();
  layers.set(note.candidates, alike);
  const layer = alike.get(role.hard) ?? costs();
  alike.set(role.hard, layer);
  return layer;
}

function sharedStep(
  setting: CostSetting,
  from: Layer | undefined,
  to: Layer,
  note: LatticeNote | undefined,
  first: boolean,
  steps: Map<Layer, Map<Layer, Map<string, Step>>>,
): Step {
  if (!from || !note?.gap) throw new RangeError('Every note but the first needs a gap before it');
  const fromHere = steps.get(from) ?? new Map<Layer, Map<string, Step>>();
  steps.set(from, fromHere);
  const toThere = fromHere.get(to) ?? new Map<string, Step>();
  fromHere.set(to, toThere);
  const key = `${note.gap.rest} ${note.gap.slurred} ${note.gap.seconds}`;
  const known = toThere.get(key) ?? stepOf(setting, from, to, note.gap, first);
  toThere.set(key, known);
  return known;
}

function stepOf(setting: CostSetting, from: Layer, to: Layer, gap: Gap, first: boolean): Step {
  const costs = new Float64Array(from.candidates.length * to.candidates.length);
  const shifts = new Uint8Array(costs.length);
  const priceOf = stepPricer(setting, gap);
  let cell = 0;
  for (const arriving of to.candidates) {
    for (const leaving of from.candidates) {
      const open = canFollow(leaving, arriving) && (!first || canBegin(from.candidates, leaving, arriving));
      costs[cell] = open ? priceOf(leaving, arriving) : Infinity;
      shifts[cell] = setting.hand.isShift(leaving, arriving) ? 1 : 0;
      cell += 1;
    }
  }
  return { costs, shifts };
}
