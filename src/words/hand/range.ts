import type { RangeInKey } from '#core/fit';
import type { InstrumentKind } from '#core/instrument';
import { countText } from '#core/messages';
import { keyLabel } from '#core/key';
import { writtenLabel } from '../studio/instruments.ts';

/**
 * Writes how far the scale goes within the limits: "A♭ major goes from A♭3 to A♭5 here, 2 octaves; above, 2 notes are left over, to C6."
 */
export function rangeInKeyText({ key, tonics, lowest, highest, above, below }: RangeInKey, kind: InstrumentKind): string {
  const name = (pitch: string): string => writtenLabel(kind, pitch);
  if (tonics === null) return `${keyLabel(key)} has no tonic here: its notes from ${name(lowest)} to ${name(highest)} can be played.`;
  const whole =
    tonics.octaves === 0
      ? `${keyLabel(key)} has one tonic here, ${name(tonics.lowest)}`
      : `${keyLabel(key)} goes from ${name(tonics.lowest)} to ${name(tonics.highest)} here, ${countText(tonics.octaves, 'octave', 'octaves')}`;
  const over = [
    ...(above > 0 ? [`above it ${countText(above, 'note is', 'notes are')} left over, to ${name(highest)}`] : []),
    ...(below > 0 ? [`below it ${countText(below, 'note', 'notes')}, from ${name(lowest)}`] : []),
  ];
  return `${[whole, ...over].join('; ')}.`;
}

/** Writes the step to a scale that goes on to its last note there: "Play the scale from G3 to B5". */
export function toTheEndText(lowest: string, highest: string, kind: InstrumentKind): string {
  return `Play the scale from ${writtenLabel(kind, lowest)} to ${writtenLabel(kind, highest)}`;
}
