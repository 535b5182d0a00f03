import type { InstrumentKind } from '#core/instrument';

/** The names of the timbres that are built from partials. */
export const TIMBRES = ['full', 'bright', 'covered'] as const;

/** A timbre built from partials. */
export type Timbre = (typeof TIMBRES)[number];

/** A body that makes some partials louder. */
interface Body {
  /** The fall of the string’s partials: their strength is 1/number to this power. */
  readonly slope: number;
  /** The resonances: where, how sharp and how strong. */
  readonly resonances: readonly { readonly hz: number; readonly sharpness: number; readonly gain: number }[];
}

/** The bodies, for a violin: the air and the wood of a box, and the hill of the bridge (invented, in the usual places). */
const BODIES: Readonly<Record<Timbre, Body>> = {
  full: {
    slope: 1,
    resonances: [
      { hz: 275, sharpness: 9, gain: 1.4 },
      { hz: 460, sharpness: 12, gain: 1.2 },
      { hz: 2400, sharpness: 2, gain: 1 },
    ],
  },
  bright: {
    slope: 0.8,
    resonances: [
      { hz: 290, sharpness: 14, gain: 0.9 },
      { hz: 540, sharpness: 10, gain: 1.6 },
      { hz: 3000, sharpness: 2.5, gain: 2.2 },
    ],
  },
  covered: {
    slope: 1.4,
    resonances: [
      { hz: 260, sharpness: 6, gain: 1.8 },
      { hz: 420, sharpness: 8, gain: 0.9 },
    ],
  },
};

/** The size of each body against a violin’s, by which its resonances lie lower. */
const LOWER: Readonly<Record<InstrumentKind, number>> = { violin: 1, viola: 0.8, cello: 0.38, bass: 0.24 };

/** Gives the strength of a partial of a bowed string through a body: a small body hardly carries what lies below its air. */
export function partialStrength(kind: InstrumentKind, timbre: Timbre): (partial: number, hz: number) => number {
  const { slope, resonances } = BODIES[timbre];
  const lower = LOWER[kind];
  const lowest = (resonances[0]?.hz ?? 275) * lower;
  return (partial, hz) => {
    const carried = Math.min(1, (hz / lowest) ** 2);
    const ringing = resonances.reduce((sum, { hz: own, sharpness, gain }) => sum + resonance(hz / (own * lower), sharpness, gain), 0);
    return (carried * (0.35 + ringing)) / partial ** slope;
  };
}

/** Gives the strength of a simple resonance at a frequency, as a multiple of its own. */
function resonance(ratio: number, sharpness: number, gain: number): number {
  return gain / Math.sqrt(1 + (sharpness * (ratio - 1 / ratio)) ** 2);
}
