import type { Brief } from '#core/brief';
import { tonicNames } from '#core/brief/edits';
import { MOST_FURTHER, OCTAVE_COUNTS, type OctaveCount } from '#core/brief/parts/materials';
import { boardOf, holdIn, type HeldNote, longestRow, notesHeld } from '#core/drill/position';
import { type DrillFor, groundOf } from '#core/drill';
import { formatPitch, semitonesOf } from '#core/pitch';
import { type Key, parseKey } from '#core/key';
import { plan } from '#core/plan';

/** The kinds of scales that are looked for in a position. */
export const SCALES_HERE = ['major', 'natural-minor', 'harmonic-minor', 'melodic-minor'] as const;

/** A kind of scale that is looked for in a position. */
export type ScaleTypeHere = (typeof SCALES_HERE)[number];

/** A scale that lives in a position: whole octaves, and what is left over. */
export interface ScaleHere {
  /** The key of the scale, documents' form. */
  readonly key: string;
  /** The lowest tonic in the position, sounding, in documents' form. */
  readonly tonic: string;
  /** The number of whole octaves. */
  readonly octaves: number;
  /** Notes of the key that the position still holds above the highest tonic and below the lowest; null for a scale with notes beside its key. */
  readonly left: { readonly above: number; readonly below: number } | null;
  /** The brief of the scale, up and down, continued to the last note of the position where the scale keeps to its key, for this player. */
  readonly brief: Brief;
}

/**
 * Finds the scales of a kind of which a position holds at least an octave: those with most octaves first, then those with fewest sharps or
 * flats. A position holds what its map shows: the notes under the hand at rest, and the open strings that belong to it.
 */
export function scalesHere(player: DrillFor, position: string, type: ScaleTypeHere = 'major'): readonly ScaleHere[] {
  const mode = type === 'major' ? 'major' : 'minor';
  return tonicNames(mode)
    .flatMap((name) => scaleHere(player, { position, type, key: `${name} ${mode}` }) ?? [])
    .toSorted((one, other) => other.octaves - one.octaves || signs(one) - signs(other));
}

/** The kind and the key of a scale that is looked for in a position. */
interface Sought {
  readonly position: string;
  readonly type: ScaleTypeHere;
  /** The key, in documents' form. */
  readonly key: string;
}

function scaleHere(player: DrillFor, sought: Sought): ScaleHere | null {
  const ground = groundOf(player, sought.key);
  if (!ground.ok) return null;
  const row = tonicsIn(longestRow(notesHeld(ground.value, holdIn(boardOf(ground.value), sought.position))), ground.value.key);
  if (!row) return null;
  const tonic = formatPitch(row.lowest.pitch);
  const octaves = OCTAVE_COUNTS.findLast(
    (count) => count <= row.octaves && isPlayedThere(scaleBrief(player, sought, { tonic, octaves: count })),
  );
  if (octaves === undefined) return null;
  const keepsToKey = sought.type === 'major' || sought.type === 'natural-minor';
  const further = keepsToKey && octaves === row.octaves ? Math.min(row.above, MOST_FURTHER) : 0;
  const plain = scaleBrief(player, sought, { tonic, octaves });
  const toTheEnd = further > 0 ? scaleBrief(player, sought, { tonic, octaves, further }) : plain;
  const left = keepsToKey ? { above: row.above, below: row.below } : null;
  return { key: sought.key, tonic, octaves, left, brief: isPlayedThere(toTheEnd) ? toTheEnd : plain };
}

/** Finds the lowest tonic of a row of notes, the whole octaves above it, and what is left over; null where there is no octave. */
function tonicsIn(
  row: readonly HeldNote[],
  { tonic }: Key,
): { readonly lowest: HeldNote; readonly octaves: number; readonly above: number; readonly below: number } | null {
  const isTonic = ({ pitch }: HeldNote): boolean => (semitonesOf(pitch) - semitonesOf(tonic)) % 12 === 0;
  const [below, last] = [row.findIndex(isTonic), row.findLastIndex(isTonic)];
  const [lowest, highest] = [row[below], row[last]];
  if (!lowest || !highest || lowest === highest) return null;
  const octaves = (semitonesOf(highest.pitch) - semitonesOf(lowest.pitch)) / 12;
  return { lowest, octaves, above: row.length - 1 - last, below };
}

function scaleBrief(
  player: DrillFor,
  { position, type }: Sought,
  scale: { readonly tonic: string; readonly octaves: OctaveCount; readonly further?: number },
): Brief {
  return { ...player, material: { kind: 'scale', type, direction: 'up-down', ...scale }, limits: { positions: [position] } };
}

/** Tells whether the hand plays a scale there without a shift; raised notes may lie outside the position. */
function isPlayedThere(brief: Brief): boolean {
  const planned = plan({ ...brief, limits: { ...brief.limits, shifts: 0 } });
  return planned.ok;
}

/** Counts the sharps or flats of a signature. */
function signs({ key }: ScaleHere): number {
  const read = parseKey(key);
  return read.ok ? Math.abs(read.value.fifths) : 0;
}
