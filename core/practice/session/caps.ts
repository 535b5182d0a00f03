import type { Plan, PlannedSound } from '#core/plan/describe';

/** The strains that can hurt when they are repeated. */
const STRAINS = ['wide-reach', 'double-stops', 'thumb'] as const;

/** A strain that can hurt when it is repeated: wide reaches, double stops, the thumb on the string. */
export type Strain = (typeof STRAINS)[number];

/** A cap on repetition. */
export interface Cap {
  /** The strain that it is for. */
  readonly strain: Strain;
  /** The repetitions in a set. */
  readonly tries: number;
  /** The rest after each set, seconds. */
  readonly restSeconds: number;
}

/** The caps by strain. The figures are our own, on the careful side: short sets with rests, as doctors for musicians advise. */
const CAPS: Readonly<Record<Strain, Omit<Cap, 'strain'>>> = {
  'wide-reach': { tries: 4, restSeconds: 45 },
  'double-stops': { tries: 5, restSeconds: 40 },
  thumb: { tries: 5, restSeconds: 40 },
};

/** The rest after a set that is not capped, seconds. */
export const USUAL_REST = 20;

const STRAINED: Readonly<Record<Strain, (note: PlannedSound) => boolean>> = {
  'wide-reach': ({ extended, reach }) => extended || reach?.judged?.verdict === 'stretch' || reach?.judged?.verdict === 'beyond',
  'double-stops': ({ stops }) => stops.length > 1,
  thumb: ({ stops }) => stops.some(({ finger }) => finger === 'T'),
};

/** Counts the notes of a passage (line indexes, both inclusive) that strain the hand in one way. */
export function strainedNotes(plan: Plan, { from, to }: { readonly from: number; readonly to: number }, strain: Strain): number {
  return plan.notes.slice(from, to + 1).filter((note) => note.kind === 'note' && STRAINED[strain](note)).length;
}

/** Finds the caps for some notes of a plan (line indexes, both inclusive); empty for notes that do not strain. */
export function capsOf(plan: Plan, { from, to }: { readonly from: number; readonly to: number }): readonly Cap[] {
  const notes = plan.notes.slice(from, to + 1).flatMap((note) => (note.kind === 'note' ? [note] : []));
  return STRAINS.filter((strain) => notes.some(STRAINED[strain])).map((strain) => ({ strain, ...CAPS[strain] }));
}

/** Gives the strictest of some caps: tries a set (null for no cap) and the rest after it, seconds. */
export function strictest(caps: readonly Cap[]): { readonly tries: number | null; readonly restSeconds: number } {
  if (caps.length === 0) return { tries: null, restSeconds: USUAL_REST };
  return {
    tries: Math.min(...caps.map(({ tries }) => tries)),
    restSeconds: Math.max(...caps.map(({ restSeconds }) => restSeconds)),
  };
}
