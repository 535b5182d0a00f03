import { isShift, type Placement } from '#core/hand/placement';
import {
  canBegin,
  canFollow,
  type CostSetting,
  type Gap,
  noteCost,
  type NoteRole,
  stepPricer,
  threeNotes,
  type ThreeNotes,
} from '#core/search/costs';

/** One sounding note as the search sees it: its candidates, and the gap between it and the note before. */
export interface LatticeNote {
  /** The candidates, at least one. */
  readonly candidates: readonly Placement[];
  /** The role of the note in its line. */
  readonly role: NoteRole;
  /** The gap before it; null for the first note. */
  readonly gap: Gap | null;
  /** The setting with which it is priced, where that is not the setting of the line. */
  readonly setting?: CostSetting;
}

/** The candidates of one note and their costs by themselves, thousandths. */
export interface Layer {
  /** Every placement the note may have. */
  readonly candidates: readonly Placement[];
  /** The cost of each by itself, thousandths. */
  readonly costs: Float64Array;
}

/** The step from every candidate of one layer to every one of the next; cells stand row by row, a row for each arriving candidate. */
export interface Step {
  /** The costs, thousandths; Infinity where no way leads. */
  readonly costs: Float64Array;
  /** The cells that are shifts: 1, else 0. */
  readonly shifts: Uint8Array;
}

/** The whole line as layers and the steps between them: `steps[i]` leads from layer i to layer i + 1. */
export interface Lattice {
  /** The layers, one for each note. */
  readonly layers: readonly Layer[];
  /** The steps, one between every two neighbouring layers. */
  readonly steps: readonly Step[];
  /**
   * The costs of three notes in a row, for each layer; null where there are none, or the steps contain them already. No step can contain
   * them while a candidate stands once.
   */
  readonly threes: readonly (ThreeNotes | null)[];
}

/**
 * Calculates the costs of a line. Music repeats itself: a long piece has few different pairs of neighbouring candidate sets, so each layer
 * and each matrix is computed once and shared. The caches live for one call only. Candidate sets are told apart by identity: give equal
 * notes the same array. `onProgress` receives the share that is done, 0 to 1.
 *
 * @throws where a note but the first has no gap before it
 */
export function buildLattice(setting: CostSetting, notes: readonly LatticeNote[], onProgress?: (share: number) => void): Lattice {
  const layerOf = sharedLayers(setting);
  const stepBetween = sharedSteps(setting);
  const layers = notes.map(layerOf);
  const steps = layers.slice(1).map((to, index): Step => {
    if (index % NOTES_BETWEEN_REPORTS === NOTES_BETWEEN_REPORTS - 1) onProgress?.(index / layers.length);
    const [from, gap] = [layers[index], notes[index + 1]?.gap];
    if (!from || !gap) throw new RangeError(`Note ${index + 1} of ${notes.length} needs a gap before it`);
    return stepBetween({ from, to, gap, first: index === 0, prices: stepSetting(setting, notes[index], notes[index + 1]) });
  });
  const threes = notes.map(({ role, gap, setting: own }, index) =>
    threeNotes(own ?? setting, { role, before: gap, after: notes[index + 1]?.gap ?? null }),
  );
  return { layers, steps, threes };
}

/**
 * Gives the setting of a step: two notes with the same setting are joined by it; where a setting begins or ends, by that of the whole line.
 */
export function stepSetting(
  line: CostSetting,
  before: Pick<LatticeNote, 'setting'> | undefined,
  here: Pick<LatticeNote, 'setting'> | undefined,
): CostSetting {
  return before?.setting === here?.setting ? (here?.setting ?? line) : line;
}

/** The number of notes between two reports of progress. */
const NOTES_BETWEEN_REPORTS = 500;

/** Makes layers; each set of candidates in each role is priced once. */
function sharedLayers(setting: CostSetting): (note: LatticeNote) => Layer {
  const knownWith = new Map<CostSetting, Map<readonly Placement[], Map<string, Layer>>>();
  return ({ candidates, role, setting: own }) => {
    const prices = own ?? setting;
    const known = knownWith.get(prices) ?? new Map<readonly Placement[], Map<string, Layer>>();
    knownWith.set(prices, known);
    const alike = known.get(candidates) ?? new Map<string, Layer>();
    known.set(candidates, alike);
    const key = `${role.first} ${role.last} ${role.hard} ${role.pedal} ${role.openWay} ${role.chromatic}`;
    const layer = alike.get(key) ?? { candidates, costs: Float64Array.from(candidates, (placement) => noteCost(prices, placement, role)) };
    alike.set(key, layer);
    return layer;
  };
}

/** Two neighbouring layers and the gap between their notes. */
interface Between {
  /** The candidates of the note before. */
  readonly from: Layer;
  /** The candidates of the note after. */
  readonly to: Layer;
  /** The gap between the two notes. */
  readonly gap: Gap;
  /** Whether they are the first two of the line. */
  readonly first: boolean;
  /** The setting with which the step is priced. */
  readonly prices: CostSetting;
}

/** Makes steps; each pair of layers across each kind of gap is priced once. */
function sharedSteps(setting: CostSetting): (between: Between) => Step {
  const known = new Map<Layer, Map<Layer, Map<string, Step>>>();
  return (between) => {
    const { from, to, gap } = between;
    const fromHere = known.get(from) ?? new Map<Layer, Map<string, Step>>();
    known.set(from, fromHere);
    const toThere = fromHere.get(to) ?? new Map<string, Step>();
    fromHere.set(to, toThere);
    const key = `${gap.rest} ${gap.slurred} ${gap.seconds} ${gap.rocks} ${gap.octave} ${gap.octaveRow} ${gap.thirds} ${gap.semitones}`;
    const step = toThere.get(key) ?? pricedStep(setting, between);
    toThere.set(key, step);
    return step;
  };
}

function pricedStep(setting: CostSetting, { from, to, gap, first, prices }: Between): Step {
  const costs = new Float64Array(from.candidates.length * to.candidates.length);
  const shifts = new Uint8Array(costs.length);
  const priceOf = stepPricer(prices, gap);
  let cell = 0;
  for (const arriving of to.candidates) {
    for (const leaving of from.candidates) {
      const open = canFollow(setting.hand, leaving, arriving, gap.rest) && (!first || canBegin(from.candidates, leaving, arriving));
      costs[cell] = open ? priceOf(leaving, arriving) : Infinity;
      shifts[cell] = isShift(leaving, arriving) ? 1 : 0;
      cell += 1;
    }
  }
  return { costs, shifts };
}
