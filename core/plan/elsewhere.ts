import type { Brief } from '#core/brief';
import { INTERVAL_LABELS, materialPart, OCTAVE_COUNTS, type PatternMaterial } from '#core/brief/parts/materials';
import { writtenPitch } from '#core/instrument';
import { DOUBLE_STOP_INTERVALS } from '#core/material/scale';
import { countText } from '#core/messages';
import { formatPitch, parsePitch, pitchLabel } from '#core/pitch';
import type { Relaxation } from './types.ts';

/** The octaves tried, the nearest first. */
const AWAY = [-1, 1, -2, 2, -3, 3] as const;

/**
 * Proposes material made by rule from its tonic in other octaves, the nearest first, then with fewer octaves; double stops then in other
 * intervals. Nothing for a line.
 */
export function elsewhere(brief: Brief): readonly Relaxation[] {
  const { material } = brief;
  if (material.kind === 'line') return [];
  const counts = OCTAVE_COUNTS.filter((count) => count <= material.octaves).toReversed();
  const inOctaves = (given: PatternMaterial): readonly PatternMaterial[] => counts.flatMap((octaves) => tonicsFor({ ...given, octaves }));
  const others = material.kind === 'double-stops' ? DOUBLE_STOP_INTERVALS.map((interval) => ({ ...material, interval })) : [];
  return [material, ...others]
    .flatMap(inOctaves)
    .filter((moved) => materialPart(moved.kind).describe(moved) !== materialPart(material.kind).describe(material))
    .map((moved) => ({ words: wordsOf(brief, material, moved), brief: { ...brief, material: moved } }));
}

/** Gives the same material in its own octave and others, the nearest first. */
function tonicsFor(material: PatternMaterial): readonly PatternMaterial[] {
  const tonic = parsePitch(material.tonic);
  if (!tonic.ok) return [];
  const octaves = [0, ...AWAY].map((away) => tonic.value.octave + away).filter((octave) => octave >= 0 && octave <= 9);
  return octaves.map((octave) => ({ ...material, tonic: formatPitch({ ...tonic.value, octave }) }));
}

/** Writes the change in words: "from D3, 1 octave", "in thirds from D3". */
function wordsOf({ instrument }: Brief, before: PatternMaterial, moved: PatternMaterial): string {
  const begins = parsePitch(materialPart(moved.kind).begins(moved) ?? moved.tonic);
  const from = begins.ok ? pitchLabel(formatPitch(writtenPitch(instrument.kind, begins.value))) : moved.tonic;
  const interval = moved.kind === 'double-stops' && before.kind === 'double-stops' && moved.interval !== before.interval;
  const fewer = moved.octaves === before.octaves ? '' : `, ${countText(moved.octaves, 'octave', 'octaves')}`;
  return `${interval ? `in ${INTERVAL_LABELS[moved.interval]} ` : ''}from ${from}${fewer}`;
}
