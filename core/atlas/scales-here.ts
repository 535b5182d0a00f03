import type { Brief } from '#core/brief';
import { tonicNames } from '#core/brief/edits';
import type { DrillFor } from '#core/drill';
import { rangeInKey } from '#core/fit';
import { parseKey } from '#core/pitch';
import { plan } from '#core/plan';

/** Kinds of scales that are looked for in a position. */
export const SCALES_HERE = ['major', 'natural-minor', 'harmonic-minor', 'melodic-minor'] as const;

/** A kind of scale that is looked for in a position. */
export type ScaleTypeHere = (typeof SCALES_HERE)[number];

/** A scale that lives in a position: whole octaves, and what is left over. */
export interface ScaleHere {
  /** Its key, documents' form. */
  readonly key: string;
  /** The lowest tonic there, sounding in documents' form. */
  readonly tonic: string;
  /** Whole octaves. */
  readonly octaves: number;
  /** Notes of the key that the position still holds above the highest tonic and below the lowest; null for a scale with notes beside its key. */
  readonly left: { readonly above: number; readonly below: number } | null;
  /** It, up and down, and where it keeps to its key on to the last note of the position, for whoever plays. */
  readonly brief: Brief;
}

/** The scales of a kind of which a position holds at least an octave, the ones with most octaves first, then those with fewest sharps or flats. */
export function scalesHere(player: DrillFor, position: string, type: ScaleTypeHere = 'major'): readonly ScaleHere[] {
  const found = tonicNames(type === 'major' ? 'major' : 'minor').flatMap((name): readonly ScaleHere[] => {
    const brief: Brief = {
      ...player,
      material: { kind: 'scale', type, tonic: `${name}4`, octaves: 1, direction: 'up-down' },
      limits: { positions: [position] },
    };
    const range = rangeInKey(brief);
    if (!range?.tonics || range.tonics.octaves < 1) return [];
    const { key, tonics, above, below, toTheEnd } = range;
    if (type === 'major' || type === 'natural-minor') {
      return [{ key, tonic: tonics.lowest, octaves: tonics.octaves, left: { above, below }, brief: toTheEnd ?? brief }];
    }
    const whole = mostOctaves(brief, tonics);
    return whole ? [{ key, tonic: tonics.lowest, octaves: whole.octaves, left: null, brief: whole.brief }] : [];
  });
  return found.toSorted((one, other) => other.octaves - one.octaves || signs(one) - signs(other));
}

/** Octaves that a scale can have, the most first. */
const OCTAVES = [4, 3, 2, 1] as const;

/** A scale with raised notes in as many octaves as a hand plays it here; null for none. */
function mostOctaves(
  brief: Brief,
  { lowest, octaves: most }: { readonly lowest: string; readonly octaves: number },
): Pick<ScaleHere, 'octaves' | 'brief'> | null {
  const { material } = brief;
  if (material.kind !== 'scale') return null;
  for (const octaves of OCTAVES.filter((each) => each <= most)) {
    const tried: Brief = { ...brief, material: { ...material, tonic: lowest, octaves } };
    if (plan(tried).ok) return { octaves, brief: tried };
  }
  return null;
}

/** Sharps or flats of its signature. */
function signs({ key }: ScaleHere): number {
  const read = parseKey(key);
  return read.ok ? Math.abs(read.value.fifths) : 0;
}
