import type { Brief } from '#core/brief';
import { tonicNames } from '#core/brief/edits';
import type { DrillFor } from '#core/drill';
import { rangeInKey } from '#core/fit';
import { parseKey } from '#core/pitch';

/** A scale that lives in a position: whole octaves, and what is left over. */
export interface ScaleHere {
  /** Its key, documents' form. */
  readonly key: string;
  /** The lowest tonic there, sounding in documents' form. */
  readonly tonic: string;
  /** Whole octaves. */
  readonly octaves: number;
  /** Notes of the key above the highest tonic that the position still holds. */
  readonly above: number;
  /** The same below the lowest. */
  readonly below: number;
  /** It, up and down and on to the last note of the position, for whoever plays. */
  readonly brief: Brief;
}

/** The major scales of which a position holds at least an octave, the ones with most octaves first, then those with fewest sharps or flats. */
export function scalesHere(player: DrillFor, position: string): readonly ScaleHere[] {
  const found = tonicNames('major').flatMap((name): readonly ScaleHere[] => {
    const brief: Brief = {
      ...player,
      material: { kind: 'scale', type: 'major', tonic: `${name}4`, octaves: 1, direction: 'up-down' },
      limits: { positions: [position] },
    };
    const range = rangeInKey(brief);
    if (!range?.tonics || range.tonics.octaves < 1) return [];
    const { key, tonics, above, below, toTheEnd } = range;
    return [{ key, tonic: tonics.lowest, octaves: tonics.octaves, above, below, brief: toTheEnd ?? brief }];
  });
  return found.toSorted((one, other) => other.octaves - one.octaves || signs(one) - signs(other));
}

/** Sharps or flats of its signature. */
function signs({ key }: ScaleHere): number {
  const read = parseKey(key);
  return read.ok ? Math.abs(read.value.fifths) : 0;
}
