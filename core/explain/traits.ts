import type { Finger } from '#core/hand/placement';
import { parsePitch, semitonesOf } from '#core/pitch';
import type { Plan, PlannedSound, Stop } from '#core/plan/describe';

/** The features that teachers look at first when they compare two fingerings of a line. */
export interface PlanTraits {
  /** The pairs of fingers that carry the shifts, each with its count: "1 to 1", twice. */
  readonly carriers: readonly { readonly from: Finger; readonly to: Finger; readonly times: number }[];
  /** The finger on the highest note; null for a line of rests. */
  readonly top: Finger | null;
  /** The crossings by kind; one that is several counts as the first: with a shift, over a string, onto 4 above first position. */
  readonly crossingKinds: { readonly withShift: number; readonly skipping: number; readonly ontoFourth: number; readonly plain: number };
}

/** Reads the features from a plan. */
export function traitsOf(plan: Plan): PlanTraits {
  const carriers = new Map<string, PlanTraits['carriers'][number]>();
  for (const { fromFinger: from, toFinger: to } of plan.shifts) {
    carriers.set(`${from} ${to}`, { from, to, times: (carriers.get(`${from} ${to}`)?.times ?? 0) + 1 });
  }
  return { carriers: [...carriers.values()], top: topFinger(plan), crossingKinds: crossingsOf(plan) };
}

function topFinger({ notes }: Plan): Finger | null {
  const stops = notes.flatMap((note) => (note.kind === 'note' ? note.stops : []));
  const [highest] = stops.toSorted((one, other) => soundOf(other) - soundOf(one));
  return highest?.finger ?? null;
}

function soundOf({ pitch }: Stop): number {
  const read = parsePitch(pitch);
  return read.ok ? semitonesOf(read.value) : -Infinity;
}

function crossingsOf({ notes, strings, shifts }: Plan): PlanTraits['crossingKinds'] {
  const arrivals = new Set(shifts.map(({ to }) => to));
  const crossings = { withShift: 0, skipping: 0, ontoFourth: 0, plain: 0 };
  const place = ({ stops }: PlannedSound): number => strings.findIndex(({ number }) => number === stops[0].string);
  let before: PlannedSound | null = null;
  for (const [index, note] of notes.entries()) {
    if (note.kind === 'rest') continue;
    const apart: number = before ? Math.abs(place(note) - place(before)) : 0;
    before = note;
    if (apart === 0) continue;
    if (arrivals.has(index)) crossings.withShift += 1;
    else if (apart > 1) crossings.skipping += 1;
    else if (note.stops[0].finger === '4' && !AT_HOME.has(note.position.label)) crossings.ontoFourth += 1;
    else crossings.plain += 1;
  }
  return crossings;
}

/** The labels of half and first position, on all instruments. */
const AT_HOME: ReadonlySet<string> = new Set(['half', '1', 'I']);
